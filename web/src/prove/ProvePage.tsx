import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ProofCell, ProofItem, WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { DrawingTools } from '../frame/StageFrame';
import { ToolButton } from '../ui/ToolButton';
import { paint } from '../ui/theme';
import { TextField } from '../settings/fields';
import { Sheet } from '../ui/Sheet';
import { Refusal } from '../ui/Refusal';
import { ScrollRegion } from '../ui/ScrollRegion';
import { useWorkshopPage, useWriting, type Tell } from '../workshop/useWorkshop';
import { WorkshopFrame } from '../workshop/WorkshopFrame';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { soft } from '../words/soft';
import { HeatView } from './HeatView';
import { DeadBattery } from './DeadBattery';
import { FlashView } from './FlashView';
import { EXPECTED, isWrong, openItem, outcomesOf, pairsOf, prove, type Outcome } from './proofing';

/** Every function before the front is closed, in the fewest switch movements. */
export function ProvePage() {
  return (
    <JobStage usePage={useWorkshopPage}>
      {(page, offline) => <Prove page={page} offline={offline} />}
    </JobStage>
  );
}

function Prove({ page, offline }: { page: Page; offline: boolean }) {
  const writing = useWriting(page.job.id, 'PROVE');
  const { items } = page.proof;
  const [view, setView] = useState<'states' | 'heat' | 'flash'>('states');
  const [at, setAt] = useState(() => openItem(items));
  const [told, setTold] = useState<ProofCell>();
  const item = items[Math.min(at, items.length - 1)];
  useCommand('1', workshopWords.theStates(), () => setView('states'));
  useCommand('2', workshopWords.heat(), () => setView('heat'));
  useCommand('3', workshopWords.flashRate(), () => setView('flash'));
  const step = (by: number) =>
    setAt((before) => Math.max(0, Math.min(items.length - 1, before + by)));
  useCommand('ArrowRight', workshopWords.theNextState(), () => step(1));
  useCommand('ArrowLeft', workshopWords.theStateBefore(), () => step(-1));
  return (
    <WorkshopFrame
      page={page}
      stage="PROVE"
      offline={offline}
      writing={writing}
      tools={
        <DrawingTools>
          <ToolButton on={view === 'states'} onClick={() => setView('states')}>
            {workshopWords.states()}
            <Key name="1" />
          </ToolButton>
          <ToolButton on={view === 'heat'} onClick={() => setView('heat')}>
            {workshopWords.heat()}
            <Key name="2" />
          </ToolButton>
          <ToolButton on={view === 'flash'} onClick={() => setView('flash')}>
            {workshopWords.flashRate()}
            <Key name="3" />
          </ToolButton>
          <ToolButton asChild>
            <Link to={`/jobs/${page.job.id}/prove/stand-back`}>{appWords.standBack()}</Link>
          </ToolButton>
        </DrawingTools>
      }
      right={<Progress items={items} at={at} setAt={setAt} />}
    >
      {!page.proof.live && <DeadBattery page={page} write={writing.write} />}
      {view === 'heat' && <HeatView page={page} write={writing.write} />}
      {view === 'flash' && <FlashView page={page} write={writing.write} />}
      {view === 'states' && item && (
        <State
          item={item}
          number={at + 1}
          page={page}
          step={step}
          tell={writing.tell}
          onTold={setTold}
        />
      )}
      {item && told && (
        <Sheet
          title={workshopWords.wordsWhatWasSeen({ words: told.words })}
          open
          close={() => setTold(undefined)}
        >
          <Told
            cell={told}
            onTold={async (seen) => {
              await prove(writing.write, item, told, seen);
              setTold(undefined);
            }}
          />
        </Sheet>
      )}
    </WorkshopFrame>
  );
}

/** One state: what to move, and each lamp with what it should do. */
function State({
  item,
  number,
  page,
  step,
  tell,
  onTold,
}: {
  item: ProofItem;
  number: number;
  page: Page;
  step: (by: number) => void;
  tell: Tell;
  onTold: (cell: ProofCell) => void;
}) {
  const count = page.proof.items.length;
  const open = item.lamps.filter((cell) => !cell.outcome);
  // it stays at this state: a second press, or one that comes late, says nothing of the next
  const allWork = () => {
    open.forEach((cell) => void prove(tell, item, cell, { outcome: 'WORKS' }));
  };
  return (
    <ScrollRegion
      label={workshopWords.stateNumberName({ number, name: item.name })}
      px={{ base: '14px', lg: '24px' }}
      py="12px"
    >
      <Flex align="baseline" gap="14px" wrap="wrap">
        <Box as="h2" fontFamily="heading" fontWeight="600" fontSize="30px" lineHeight="1.1">
          {item.name}
        </Box>
        <Box color="quiet">
          {workshopWords.stateNumberOfCountMovementsSwitch({
            number,
            count,
            movements: page.proof.movements,
          })}
          {!page.proof.wired && workshopWords.theVehiclesOwnFunctionsNothingWas()}
        </Box>
      </Flex>
      <Box fontFamily="heading" fontSize="22px" color="lamp" py="6px">
        {item.moves.length > 0 ? item.moves.join(' · ') : workshopWords.unchanged()}
      </Box>
      {pairsOf(item).map((pair) => (
        <Box
          key={pair[0].words}
          borderTopWidth="1px"
          borderColor="hairline"
          py="7px"
          display="grid"
          gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}
          gap="6px 28px"
        >
          {pair.map((cell) => (
            <LampRow
              key={cell.words}
              cell={cell}
              works={() => void prove(tell, item, cell, { outcome: 'WORKS' })}
              onTold={() => onTold(cell)}
            />
          ))}
        </Box>
      ))}
      <Flex gap="8px" pt="14px" justify="flex-end" wrap="wrap">
        {item.lamps.some(isWrong) && (
          <PlainButton asChild mr="auto">
            <Link to={`/jobs/${page.job.id}/find`}>{appWords.findTheFault()}</Link>
          </PlainButton>
        )}
        <PlainButton onClick={() => step(-1)} disabled={number === 1}>
          {appWords.before()}
        </PlainButton>
        <PlainButton
          onClick={() => step(1)}
          disabled={number === count}
          minH={open.length === 0 ? '56px' : undefined}
          px={open.length === 0 ? '24px' : undefined}
          fontSize={open.length === 0 ? '18px' : undefined}
        >
          {workshopWords.nextState()}
        </PlainButton>
        {open.length > 0 && (
          <PlainButton
            bg="within"
            color="onVerdict"
            borderColor="within"
            minH="56px"
            px="24px"
            fontSize="18px"
            onClick={allWork}
          >
            {workshopWords.allAsTheyShouldBe()}
          </PlainButton>
        )}
      </Flex>
    </ScrollRegion>
  );
}

/** One lamp: what it should do, what it did, and the buttons for it. */
function LampRow({
  cell,
  works,
  onTold,
}: {
  cell: ProofCell;
  works: () => void;
  onTold: () => void;
}) {
  const wrong = isWrong(cell);
  const said = outcomesOf(cell).find(([outcome]) => outcome === cell.outcome)?.[1];
  return (
    <Box
      role="group"
      aria-label={workshopWords.wordsShouldBe({
        words: cell.words,
        expected: EXPECTED[cell.expected],
      })}
      minW="0"
    >
      <Flex align="center" gap="10px">
        <Lamp cell={cell} />
        <Box flex="1" minW="0">
          <Box fontFamily="heading" fontWeight="600" fontSize="18px" lineHeight="1.2">
            {soft(cell.words)}
          </Box>
          <Box color="quiet" fontSize="14px" lineHeight="1.3">
            {workshopWords.shouldBe({ expected: EXPECTED[cell.expected] })}
            {cell.faults > 0 &&
              workshopWords.wentWrongFaults({
                faults: appWords.countTimes({ count: cell.faults }),
              })}
            {cell.reopened && workshopWords.tryAgainReopened({ reopened: cell.reopened })}
          </Box>
        </Box>
        <PlainButton
          px="14px"
          minH="52px"
          minW="88px"
          aria-pressed={cell.outcome === 'WORKS'}
          bg={cell.outcome === 'WORKS' ? 'within' : undefined}
          color={cell.outcome === 'WORKS' ? 'onVerdict' : 'ink'}
          onClick={works}
        >
          {outcomesOf(cell)[0]?.[1]}
        </PlainButton>
        <PlainButton
          px="14px"
          minH="52px"
          minW="88px"
          aria-pressed={said !== undefined && cell.outcome !== 'WORKS'}
          bg={wrong ? 'out' : cell.outcome === 'AFTER_TRIES' ? 'within' : undefined}
          color={wrong || cell.outcome === 'AFTER_TRIES' ? 'onVerdict' : 'ink'}
          onClick={onTold}
        >
          {said && cell.outcome !== 'WORKS' ? said : workshopWords.notSo()}
        </PlainButton>
      </Flex>
      {cell.tests.length > 0 && (
        <Box w="100%" fontSize="15px" pl="40px" pt="4px">
          {cell.seen && <Box color="quiet">{workshopWords.seenSeen({ seen: cell.seen })}</Box>}
          <Box as="ol" listStyleType="decimal" pl="18px">
            {cell.tests.map((test) => (
              <li key={test}>{test}</li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** A lamp as it should be: bright, dimmed, dark. */
function Lamp({ cell }: { cell: ProofCell }) {
  return (
    <svg width="30" height="30" viewBox="0 0 30 30" aria-hidden="true">
      {cell.expected !== 'OUT' && (
        <circle
          cx="15"
          cy="15"
          r="14"
          fill={paint('lampFill')}
          opacity={cell.expected === 'FULL' ? 0.35 : 0.15}
        />
      )}
      <circle
        cx="15"
        cy="15"
        r="8.5"
        fill={cell.expected === 'OUT' ? 'none' : paint('lampFill')}
        fillOpacity={cell.expected === 'REDUCED' ? 0.5 : 1}
        stroke={paint('ink')}
        strokeWidth="1.5"
      />
    </svg>
  );
}

/** What a lamp did that is not as it should be, or only after tries. */
function Told({
  cell,
  onTold,
}: {
  cell: ProofCell;
  onTold: (seen: { outcome: Outcome; tries: number; seen: string }) => Promise<void>;
}) {
  const choices = outcomesOf(cell).filter(([outcome]) => outcome !== 'WORKS');
  const [outcome, setOutcome] = useState<Outcome>();
  const [tries, setTries] = useState('2');
  const [seen, setSeen] = useState('');
  const [problem, setProblem] = useState<string>();
  const tell = async () => {
    if (!outcome) {
      setProblem(workshopWords.enterFirstWhatItDid());
      return;
    }
    try {
      await onTold({
        outcome,
        tries: outcome === 'AFTER_TRIES' ? Number.parseInt(tries, 10) || 0 : 0,
        seen,
      });
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box fontSize="16px">
      <Flex gap="8px" wrap="wrap" role="group" aria-label={workshopWords.whatItDid()}>
        {choices.map(([one, words]) => (
          <PlainButton
            key={one}
            minH="56px"
            px="20px"
            aria-pressed={outcome === one}
            bg={outcome === one ? 'ink' : undefined}
            color={outcome === one ? 'ground' : 'ink'}
            onClick={() => setOutcome(one)}
          >
            {words}
          </PlainButton>
        ))}
      </Flex>
      {outcome === 'AFTER_TRIES' && (
        <Box pt="10px">
          <TextField
            label={workshopWords.triesUntilItWorked()}
            value={tries}
            set={setTries}
            maxLength={2}
          />
        </Box>
      )}
      <Box pt="10px">
        <TextField
          label={workshopWords.whatWasSeen()}
          value={seen}
          set={setSeen}
          maxLength={200}
          placeholder={workshopWords.onlyWhenCold()}
        />
      </Box>
      <Refusal words={problem} pt="8px" />
      <Flex justify="flex-end" pt="16px">
        <PlainButton minH="56px" px="26px" onClick={() => void tell()}>
          {workshopWords.record()}
        </PlainButton>
      </Flex>
    </Box>
  );
}

/** Which states are done, to be gone to. */
function Progress({
  items,
  at,
  setAt,
}: {
  items: ProofItem[];
  at: number;
  setAt: (at: number) => void;
}) {
  return (
    <Box
      as="ol"
      aria-label={workshopWords.statesInOrder()}
      listStyleType="none"
      maxH="55%"
      overflowY="auto"
      tabIndex={0}
      px="10px"
      py="8px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      {items.map((item, index) => {
        const open = item.lamps.filter((cell) => !cell.outcome).length;
        const wrong = item.lamps.some(isWrong);
        return (
          <li key={item.name}>
            <Flex
              as="button"
              w="100%"
              minH="48px"
              align="center"
              gap="8px"
              textAlign="left"
              cursor="pointer"
              aria-current={index === at ? 'step' : undefined}
              color={index === at ? 'lamp' : 'ink'}
              onClick={() => setAt(index)}
            >
              <Box flex="1" fontFamily="heading" fontWeight="600">
                {item.name}
              </Box>
              <Box color={wrong ? 'out' : 'quiet'} fontSize="13.5px">
                {wrong
                  ? workshopWords.notSo()
                  : open === 0
                    ? workshopWords.proved()
                    : open === item.lamps.length
                      ? ''
                      : workshopWords.openOpen({ open })}
              </Box>
            </Flex>
          </li>
        );
      })}
    </Box>
  );
}
