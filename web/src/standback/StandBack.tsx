import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { JobPage, LampAtWall } from '../api/client';
import { useJobPage } from '../api/queries';
import { Waits } from '../kept/Waits';
import { useCommand } from '../ui/commands';
import { Fetched } from '../frame/Fetched';
import { Nowhere } from '../frame/Nowhere';
import { bareText, figureText, sizeOf, UnitsProvider, useSession, useUnits } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { mixed, nudgeMm, typedLength } from '../entry/typed';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { EarlierLine } from '../frame/EarlierLine';
import { lampVerdict } from '../wall/lampVerdict';
import { appWords } from '../words/page/app';
import { term } from '../words/terms';
import { standbackWords } from '../words/page/standback';
import { soft } from '../words/soft';
import { useInstruction } from './useInstruction';
import { MiniWall } from './MiniWall';

/** One lamp, one instruction, legible from 5 m. */
export function StandBack() {
  const { id = '' } = useParams();
  return (
    <Fetched query={useJobPage(id)} what="job">
      {(page) => (
        <UnitsProvider units={page.job.units}>
          <Instruction page={page} />
        </UnitsProvider>
      )}
    </Fetched>
  );
}

function Instruction({ page }: { page: JobPage }) {
  const units = useUnits();
  const { flipUnits } = useSession();
  const navigate = useNavigate();
  const instruction = useInstruction(page);
  const { pair, lamp, kind, side, needsReading, readsNext, asking, setAsking } = instruction;
  const { belowMm, problem, other, forward, nudge } = instruction;
  const back = () =>
    asking === 'look' ? void navigate(`/jobs/${page.job.id}`) : setAsking('look');
  useCommand('u', appWords.flipBetweenMillimetresAndInches(), () => flipUnits(units));
  useCommand('o', standbackWords.theOtherLamp(), other);
  useCommand('Escape', appWords.back(), back);
  useCommand('Enter', standbackWords.next(), () => void forward());
  useCommand('ArrowUp', standbackWords.aLittleLess(), () => nudge(-1));
  useCommand('ArrowDown', standbackWords.aLittleMore(), () => nudge(1));

  if (!pair || !lamp) {
    return <Nowhere what="lamp" />;
  }
  const kindWord = term('LampKind', kind);
  return (
    <Flex direction="column" h="100dvh" overflow="hidden">
      <EarlierLine />
      <Flex
        as="main"
        flex="1"
        minH="0"
        px={{ base: '18px', md: '48px' }}
        pt={{ base: '14px', md: '34px' }}
        gap="30px"
      >
        <Flex direction="column" flex="1" minW="0">
          <Flex align="center" justify="space-between" gap="12px">
            <Box
              as="h1"
              fontFamily="heading"
              fontWeight="600"
              fontSize="clamp(24px, 4.6vw, 58px)"
              lineHeight="1.1"
            >
              {appWords.lampOnSide({ side, lamp: kindWord })}{' '}
              <Box as="span" color="quiet">
                {standbackWords.oneCovered({
                  value: side === 'LEFT' ? appWords.right() : appWords.left(),
                })}
              </Box>
            </Box>
          </Flex>
          <Flex direction="column" flex="1" minH="0" justify="center">
            {asking === 'look' ? (
              <Look page={page} lamp={lamp} needsReading={needsReading} />
            ) : (
              <Entered {...instruction} />
            )}
            <Waits jobId={page.job.id} fontSize="22px" px="0" />
            <Refusal words={problem} fontSize="22px" />
          </Flex>
        </Flex>
        <Box w="260px" flexShrink={0} hideBelow="md" py="50px">
          <MiniWall
            lamp={lamp}
            kerb={page.job.traffic}
            belowMm={asking === 'reading' ? belowMm : undefined}
            verdict={lampVerdict(page.sheet, lamp)}
          />
        </Box>
      </Flex>
      <Flex h={{ base: '96px', md: '118px' }} borderTopWidth="2px" borderColor="hairline">
        <Half onClick={back} flex="3">
          {appWords.back()}
        </Half>
        <Half onClick={other} flex="3">
          {appWords.lampOnSide({ side: side === 'LEFT' ? 'RIGHT' : 'LEFT', lamp: kindWord })}
        </Half>
        <Half onClick={() => void forward()} flex="5" act>
          {asking === 'look'
            ? readsNext
              ? standbackWords.readIt()
              : appWords.turnedReadAgain()
            : asking === 'turned'
              ? standbackWords.turnThatFar()
              : appWords.save()}
        </Half>
      </Flex>
    </Flex>
  );
}

/** What is typed in by large steps: turns of the screw, or where the cutoff is now. */
function Entered({
  asking,
  screw,
  eighths,
  setEighths,
  belowMm,
  nudge,
}: ReturnType<typeof useInstruction>) {
  const units = useUnits();
  return (
    <>
      {asking === 'turned' && (
        <Ask
          question={standbackWords.screwTurned({
            value: screw?.axis === 'HORIZONTAL' ? appWords.horizontal() : appWords.vertical(),
          })}
          figure={mixed(Math.abs(eighths), 8)}
          unit={eighths < 0 ? appWords.anticlockwise() : appWords.clockwise()}
          steps={[
            ['− 1', () => setEighths(eighths - 8)],
            ['− 1/8', () => setEighths(eighths - 1)],
            ['+ 1/8', () => setEighths(eighths + 1)],
            ['+ 1', () => setEighths(eighths + 8)],
          ]}
        />
      )}
      {asking === 'reading' && (
        <Ask
          question={standbackWords.cutoffNowBelowTheLampHeight()}
          figure={typedLength(belowMm, units)}
          unit={units === 'METRIC' ? standbackWords.mmBelow() : standbackWords.inBelow()}
          steps={
            units === 'METRIC'
              ? [
                  ['− 10', () => nudge(-10)],
                  ['− 1', () => nudge(-1)],
                  ['+ 1', () => nudge(1)],
                  ['+ 10', () => nudge(10)],
                ]
              : [
                  ['− 1/2', () => nudge(-8)],
                  ['− 1/16', () => nudge(-1)],
                  ['+ 1/16', () => nudge(1)],
                  ['+ 1/2', () => nudge(8)],
                ]
          }
        />
      )}
    </>
  );
}

function Look({
  page,
  lamp,
  needsReading,
}: {
  page: JobPage;
  lamp: LampAtWall;
  needsReading: boolean;
}) {
  const units = useUnits();
  const { correction } = lamp;
  if (!lamp.place) {
    return (
      <Big figure="?" unit="">
        {standbackWords.measureTheDistanceAndTheLamp()}
      </Big>
    );
  }
  if (needsReading) {
    return (
      <Big
        figure={lamp.aim?.belowLine ? bareText(lamp.aim.belowLine, units) : '?'}
        unit={standbackWords.unitsBelowTheLine({ units: unitOf(units) })}
      >
        {standbackWords.isWhereTheTapeIsWhere()}
      </Big>
    );
  }
  if (!correction) {
    return (
      <Big figure={lamp.reading ? figureText(lamp.reading.percent, units) : '?'} unit="">
        {standbackWords.noAimToGoByChoose()}
      </Big>
    );
  }
  const verdict = lampVerdict(page.sheet, lamp);
  const onTheTape = Math.abs(correction.up.value) < nudgeMm(units) / 2;
  return (
    <Big
      figure={onTheTape ? '0' : bareText(sizeOf(correction.up), units)}
      unit={
        onTheTape
          ? standbackWords.unitsOnTheTape({ units: unitOf(units) })
          : standbackWords.unitsWay({
              units: unitOf(units),
              down: correction.up.value < 0 ? 'yes' : 'no',
            })
      }
    >
      {verdict === 'WITHIN' ? (
        <Flex as="span" align="center" gap="16px" color="within" display="inline-flex">
          <VerdictShape verdict="WITHIN" size={54} /> {standbackWords.within()}
        </Flex>
      ) : correction.turns ? (
        <>
          {soft(standbackWords.verticalAdjuster())}
          <br />
          {figureText(sizeOf(correction.turns), units)}{' '}
          {correction.turns.value < 0 ? appWords.anticlockwise() : appWords.clockwise()}
        </>
      ) : (
        <SentenceText
          sentence={{ pattern: standbackWords.verticalAdjusterTryHalfATurn(), figures: [] }}
        />
      )}
    </Big>
  );
}

function unitOf(units: 'METRIC' | 'IMPERIAL') {
  return units === 'METRIC' ? 'mm' : 'in';
}

/** "mm down" */
const SHORT = 8;

/** A figure a third of the screen's height, its unit beside it, words below. */
function Big({ figure, unit, children }: { figure: string; unit: string; children: ReactNode }) {
  return (
    <>
      <Flex align="baseline" gap="0.25em" wrap="wrap" fontFamily="heading" fontWeight="700">
        <Box
          data-figure
          fontSize={figure.length > 4 ? 'min(30vh, 25vw)' : 'min(42vh, 40vw)'}
          lineHeight="0.95"
          whiteSpace="nowrap"
        >
          {figure}
        </Box>
        <Box
          // long words stay beside the figure
          fontSize={unit.length > SHORT ? 'min(8vh, 7vw)' : 'min(13vh, 11vw)'}
          fontWeight="600"
          lineHeight="1"
        >
          {unit}
        </Box>
      </Flex>
      <Box
        fontFamily="heading"
        fontWeight="600"
        color="lamp"
        fontSize="min(9vh, 8.4vw)"
        lineHeight="1.08"
        mt="0.2em"
      >
        {children}
      </Box>
    </>
  );
}

function Ask({
  question,
  figure,
  unit,
  steps,
}: {
  question: string;
  figure: string;
  unit: string;
  steps: [string, () => void][];
}) {
  return (
    <>
      <Box color="lamp" fontFamily="heading" fontWeight="600" fontSize="min(6vh, 5vw)">
        {question}
      </Box>
      <Flex align="baseline" gap="0.25em" fontFamily="heading" fontWeight="700" wrap="wrap">
        <Box fontSize="min(30vh, 20vw)" lineHeight="1" whiteSpace="nowrap" data-figure>
          {figure}
        </Box>
        <Box fontSize="min(9vh, 6vw)" fontWeight="600">
          {unit}
        </Box>
      </Flex>
      <Flex gap="10px" mt="10px" wrap="wrap">
        {steps.map(([words, run]) => (
          <Box
            as="button"
            key={words}
            onClick={run}
            flex="1"
            minW="72px"
            minH="84px"
            borderWidth="2px"
            borderColor="rule"
            borderRadius="12px"
            fontFamily="heading"
            fontWeight="600"
            fontSize="clamp(20px, 3vw, 34px)"
            cursor="pointer"
          >
            {words}
          </Box>
        ))}
      </Flex>
    </>
  );
}

function Half({
  act = false,
  flex,
  onClick,
  children,
}: {
  act?: boolean;
  flex: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <Box
      as="button"
      flex={flex}
      bg={act ? 'lampFill' : 'transparent'}
      color={act ? 'onLamp' : 'ink'}
      borderRightWidth={act ? '0' : '1px'}
      borderColor="hairline"
      fontFamily="heading"
      fontWeight="600"
      fontSize="clamp(18px, 2.6vw, 32px)"
      cursor="pointer"
      onClick={onClick}
    >
      {children}
    </Box>
  );
}
