import { Box, Flex, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import type { EntryEdit, Finding, Side, WorkshopPage as Page } from '../api/client';
import { bareText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { CentreLine } from '../drawing/Dimension';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import { Overlay } from '../drawing/Overlay';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { sideWord } from '../words/terms';

type Measure = NonNullable<EntryEdit['measure']>;

/** The projector against the factory cutoff, taped from the bench. */
export function BenchAim({ page, write }: { page: Page; write: Write }) {
  const entry = (field: Measure['field'], side: Measure['side'], words: string) => (
    <Entry page={page} write={write} field={field} side={side} words={words} />
  );
  return (
    <>
      <Box color="quiet">{workshopWords.withItsOwnBulbAt12()}</Box>
      <Flex gap="26px" wrap="wrap" py="8px">
        {entry('BENCH_DISTANCE', undefined, workshopWords.benchToWall())}
        {entry('RUN', undefined, workshopWords.theTwoPlacesApart())}
      </Flex>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} columnGap="18px" rowGap="14px">
        {page.bench.aim.map((lamp) => (
          <Box
            key={lamp.side}
            as="section"
            aria-label={workshopWords.sideLamp({ side: sideWord(lamp.side) })}
          >
            <Box h="236px" position="relative">
              <DrawingGround
                label={workshopWords.theBenchWallBeforeTheSide({ side: sideWord(lamp.side) })}
              >
                {(size) => <OnTape page={page} write={write} side={lamp.side} {...size} />}
              </DrawingGround>
            </Box>
            {lamp.findings.map((finding) => (
              <Told key={finding.id} finding={finding} />
            ))}
          </Box>
        ))}
      </Grid>
    </>
  );
}

type Field = Measure['field'];

const PLACES = [
  [workshopWords.leftPlace(), 0.26, 'FACTORY_LEFT', 'NOW_LEFT'],
  [workshopWords.rightPlace(), 0.74, 'FACTORY_RIGHT', 'NOW_RIGHT'],
] as const satisfies readonly (readonly [string, number, Field, Field])[];
/** Heights within this of each other fill the drawing. */
const LEAST_SPAN_MM = 24;
const TAPE_PX = 16;
const WORDS_AWAY = 26;

/** The factory cutoff as it was taped, and the projector's on it, at the same two places. */
function OnTape({
  page,
  write,
  side,
  width,
  height,
}: {
  page: Page;
  write: Write;
  side: Side;
  width: number;
  height: number;
}) {
  const read = (field: Field) =>
    page.bench.measures.find((one) => one.field === field && one.side === side)?.value?.value;
  const heights = PLACES.flatMap(([, , factory, now]) => [read(factory), read(now)]).filter(
    (mm) => mm !== undefined,
  );
  const middleMm = heights.length > 0 ? (Math.min(...heights) + Math.max(...heights)) / 2 : 0;
  const spanMm = Math.max(
    LEAST_SPAN_MM,
    1.25 * (Math.max(...heights, middleMm) - Math.min(...heights, middleMm)),
  );
  const room = height - 2 * (WORDS_AWAY + 44);
  const y = (mm: number | undefined, unread: number) =>
    mm === undefined ? height / 2 + unread : height / 2 - ((mm - middleMm) / spanMm) * room;
  const at = PLACES.map(([place, share, factory, now]) => ({
    place,
    x: share * width,
    factory,
    now,
    taped: y(read(factory), -12),
    shown: y(read(now), 12),
  }));
  const [left, right] = at;
  if (!left || !right) {
    return null;
  }
  const known = (field: 'factory' | 'now') => at.every((one) => read(one[field]) !== undefined);
  const line = (from: number, to: number) => {
    const steep = (to - from) / (right.x - left.x);
    return `M0 ${from - steep * left.x}L${width} ${to + steep * (width - right.x)}`;
  };
  const now = line(left.shown, right.shown);
  return (
    <>
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <rect width={width} height={height} fill={paint('plaster')} />
        {known('now') && (
          <>
            <path d={`${now}V${height}H0Z`} fill={paint('lampFill')} opacity="0.28" />
            <path d={now} stroke={paint('lamp')} strokeWidth="2.6" fill="none" />
          </>
        )}
        <path
          d={line(left.taped, right.taped)}
          stroke={paint(known('factory') ? 'tape' : 'rule')}
          strokeWidth={known('factory') ? TAPE_PX : 1.2}
          strokeDasharray={known('factory') ? undefined : '7 5'}
          fill="none"
          opacity={known('now') ? 0.85 : 1}
        />
        {at.map((one) => (
          <g key={one.place}>
            <CentreLine x1={one.x} y1={0} x2={one.x} y2={height} />
            {read(one.now) !== undefined && (
              <circle cx={one.x} cy={one.shown} r="5" fill={paint('lamp')} />
            )}
          </g>
        ))}
        <Label x={12} y={22} as="figure" size={17} colour="ink">
          {side === 'LEFT' ? workshopWords.leftLamp() : workshopWords.rightLamp()}
        </Label>
      </svg>
      {at.map((one) => {
        const above = Math.min(one.taped, one.shown) - WORDS_AWAY;
        const below = Math.max(one.taped, one.shown) + WORDS_AWAY;
        return (
          <Fragment key={one.place}>
            <Overlay x={one.x} y={above} ground="plaster">
              <Entry
                page={page}
                write={write}
                field={one.factory}
                side={side}
                words={workshopWords.factoryPlace({ place: one.place })}
                asked={workshopWords.tapedAsked()}
              />
            </Overlay>
            <Overlay x={one.x} y={below} ground="plaster">
              <Entry
                page={page}
                write={write}
                field={one.now}
                side={side}
                words={workshopWords.projectorPlace({ place: one.place })}
                asked={workshopWords.projectorAsked()}
              />
            </Overlay>
          </Fragment>
        );
      })}
    </>
  );
}

function Entry({
  page,
  write,
  field,
  side,
  words,
  asked,
}: {
  page: Page;
  write: Write;
  field: Measure['field'];
  side: Measure['side'];
  words: string;
  /** What stands there on a drawing while nothing was read; else the words stand before it. */
  asked?: string;
}) {
  const units = useUnits();
  const kept = page.bench.measures.find((one) => one.field === field && one.side === side);
  const name = side ? workshopWords.sideLampWords({ side: sideWord(side), words }) : words;
  return (
    <Flex align="center" gap="4px">
      {!asked && <Box color="quiet">{words}</Box>}
      <MeasuredEntry
        label={
          kept?.value ? `${name}: ${bareText(kept.value, units)}` : appWords.nameNotRead({ name })
        }
        shown={kept?.value ? bareText(kept.value, units) : (asked ?? '?')}
        missing={!kept?.value}
        onKeep={(typed) => write({ measure: { field, side, typed, units } }, `${name}: ${typed}`)}
      />
    </Flex>
  );
}

function Told({ finding }: { finding: Finding }) {
  return (
    <Flex gap="10px" py="5px">
      <VerdictShape verdict={finding.verdict} size={20} />
      <Box>
        <Box fontWeight="600">
          <SentenceText sentence={finding.headline} />
        </Box>
        {finding.remedy && (
          <Box color="quiet">
            <SentenceText sentence={finding.remedy} />
          </Box>
        )}
      </Box>
    </Flex>
  );
}
