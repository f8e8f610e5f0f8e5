import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Figure, LampAtWall, PairAtWall, Units, Verdict } from '../api/client';
import { figureText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { Label } from '../drawing/Label';
import { useSize } from '../drawing/useSize';
import type { Worked } from '../finding/Working';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { wallWords } from '../words/page/wall';
import { sideWord } from '../words/terms';

const ROAD_MM = 140_000;
const ASSUMED_HEIGHT_MM = 700;
/** From this width the words stand clear of each other, px. */
const WIDE = 640;
/** About the width of a letter of the drawing's words, px. */
const LETTER_WIDTH = 7.5;
const TICKS = {
  METRIC: { step: 20_000, unit: 1_000, word: 'm' },
  IMPERIAL: { step: 30_480, unit: 304.8, word: 'ft' },
} satisfies Record<Units, { step: number; unit: number; word: string }>;

/** The road seen from the side: where each lamp's cutoff meets it. Heights are exaggerated. */
export function RoadDrawing({
  pair,
  verdicts,
  onAsk,
}: {
  pair: PairAtWall;
  verdicts: { left: Verdict; right: Verdict };
  onAsk: (worked: Worked) => void;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const lamps = [pair.left, pair.right].filter((lamp) => lamp.place);
  const source = lamps.find((lamp) => lamp.reading)?.reading?.reachSource;
  const centre = Math.max(0, ...lamps.map((lamp) => lamp.place?.centre.value ?? 0));
  const ground = height - 26;
  const lampX = 62;
  const scaleX = Math.max(1e-9, (width - lampX - 32) / ROAD_MM);
  const scaleY = (ground - 34) / Math.max(centre, 900);
  const noseMm = centre || ASSUMED_HEIGHT_MM;
  const times = Math.round(scaleY / scaleX);
  const x = (mm: number) => lampX + mm * scaleX;
  const y = (mm: number) => ground - mm * scaleY;
  const tick = TICKS[units];
  const ticks = Array.from(
    { length: Math.floor(ROAD_MM / tick.step) + 1 },
    (_, index) => index * tick.step,
  );
  const lower = lowerOf(lamps);
  return (
    <Box ref={box} h="100%" bg="panel" position="relative" overflow="hidden">
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={describe(pair, units)}>
          <rect x="0" y={ground} width={width} height="26" fill={paint('floor')} />
          {/* at the left, clear of the words of a beam that never comes down */}
          <Label
            x={width > WIDE ? lampX + 12 : width - 10}
            y={18}
            size={14}
            colour="quiet"
            anchor={width > WIDE ? 'start' : 'end'}
          >
            {width > WIDE && wallWords.levelRoadFromTheSide()}
            {wallWords.heightsExaggeratedTimes({ times })}
          </Label>
          <Vehicle x={lampX} ground={ground} lampY={y(noseMm)} />
          {lamps[0]?.limits && (
            <LimitsFan lamp={lamps[0]} centre={centre} x={x} y={y} ground={ground} />
          )}
          {lamps.map((lamp) => (
            <Beam
              key={lamp.side}
              lamp={lamp}
              verdict={lamp.side === 'LEFT' ? verdicts.left : verdicts.right}
              lower={lamp === lower}
              x={x}
              y={y}
              units={units}
            />
          ))}
          <line x1="0" x2={width} y1={ground} y2={ground} stroke={paint('rule')} />
          {ticks.map((mm, index) => (
            <g key={mm}>
              <line x1={x(mm)} x2={x(mm)} y1={ground} y2={ground + 5} stroke={paint('floorInk')} />
              <Label
                x={x(mm)}
                y={ground + 19}
                as="scale"
                size={13}
                weight={600}
                colour="floorInk"
                anchor="middle"
              >
                {Math.round(mm / tick.unit)}
                {index === ticks.length - 1 ? ` ${tick.word}` : ''}
              </Label>
            </g>
          ))}
        </svg>
      )}
      {source && (
        <Box
          as="button"
          position="absolute"
          inset="0"
          cursor="pointer"
          aria-label={wallWords.whereTheCutoffsMeetTheRoad()}
          onClick={() =>
            onAsk({
              kind: 'figure',
              title: wallWords.whereTheCutoffsMeetTheRoadTitle(),
              lines: lamps.flatMap((lamp) => lamp.reading?.reachWorking ?? []),
              source,
            })
          }
        />
      )}
    </Box>
  );
}

function describe(pair: PairAtWall, units: Units) {
  const one = (lamp: LampAtWall) =>
    lamp.reading
      ? `${sideWord(lamp.side)} ${lamp.reading.reach ? figureText(lamp.reading.reach, units) : wallWords.never()}`
      : wallWords.sideNotRead({ side: sideWord(lamp.side) });
  return wallWords.whereTheCutoffsMeetALevel({ left: one(pair.left), right: one(pair.right) });
}

/** A plain vehicle's nose. */
function Vehicle({ x, ground, lampY }: { x: number; ground: number; lampY: number }) {
  return (
    <g stroke={paint('ink')} strokeWidth="1.6" fill={paint('plaster')}>
      <path
        d={`M-4 ${ground - 7}V${lampY - 40}H14Q20 ${lampY - 40} 23 ${lampY - 34}L32 ${lampY - 16}L54 ${lampY - 11}Q${x} ${lampY - 9} ${x} ${lampY}V${ground - 7}z`}
      />
      <path d={`M18 ${lampY - 33}L27 ${lampY - 15}H4V${lampY - 33}z`} fill={paint('ground')} />
      <circle cx={x - 22} cy={ground - 9} r="9" fill={paint('ground')} />
    </g>
  );
}

function LimitsFan({
  lamp,
  centre,
  x,
  y,
  ground,
}: {
  lamp: LampAtWall;
  centre: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
  ground: number;
}) {
  const near = lamp.limits?.lowestReach;
  const far = lamp.limits?.highestReach;
  const nearX = near ? x(Math.min(near.value, ROAD_MM)) : x(0);
  const farEnd = far && far.value <= ROAD_MM;
  const farPoint = farEnd
    ? `${x(far.value)} ${ground}`
    : `${x(ROAD_MM)} ${far ? y(centre * (1 - ROAD_MM / far.value)) : y(centre)} L${x(ROAD_MM)} ${ground}`;
  return (
    <path
      d={`M${x(0)} ${y(centre)}L${farPoint}L${nearX} ${ground}z`}
      fill={paint('within')}
      opacity="0.16"
    />
  );
}

/** Where both beams go past the drawing's end, the lower one: its words stand below its line. */
function lowerOf(lamps: LampAtWall[]) {
  const past = lamps.filter((lamp) => lamp.reading && !lands(lamp));
  return past.length < 2
    ? undefined
    : past.reduce((low, lamp) => (heightAtEnd(lamp) <= heightAtEnd(low) ? lamp : low));
}

function lands({ reading }: LampAtWall) {
  return reading?.reach !== undefined && reading.reach.value <= ROAD_MM;
}

/** How high a beam is at the drawing's end, mm. */
function heightAtEnd({ place, reading }: LampAtWall) {
  return (place?.centre.value ?? 0) + ((reading?.percent.value ?? 0) / 100) * ROAD_MM;
}

function Beam({
  lamp,
  verdict,
  lower,
  x,
  y,
  units,
}: {
  lamp: LampAtWall;
  verdict: Verdict;
  lower: boolean;
  x: (mm: number) => number;
  y: (mm: number) => number;
  units: Units;
}) {
  const { place, reading } = lamp;
  if (!place || !reading) {
    return null;
  }
  const colour = paint(VERDICT_PAINT[verdict]);
  const centre = place.centre.value;
  const reach: Figure | undefined = reading.reach;
  const landed = lands(lamp);
  const endX = landed && reach ? reach.value : ROAD_MM;
  const endY = landed ? 0 : Math.max(0, heightAtEnd(lamp));
  const clippedY = Math.max(8, y(endY));
  // near the right end the words stand before the point
  const crowded = landed && endX > 0.82 * ROAD_MM;
  const side = sideWord(lamp.side);
  const words = reach
    ? landed
      ? wallWords.roadReach({ side, reach: figureText(reach, units) })
      : wallWords.roadBeyond({ side, reach: figureText(reach, units) })
    : wallWords.sideNeverComesDown({ side });
  // words at the far end stand clear of the line where they begin, too
  const run = x(endX) - x(0);
  const begin = landed ? 1 : Math.max(0, 1 - (words.length * LETTER_WIDTH + 6) / run);
  const above = Math.min(clippedY, y(centre) + (clippedY - y(centre)) * begin);
  return (
    <g>
      <line
        x1={x(0)}
        y1={y(centre)}
        x2={x(endX)}
        y2={clippedY}
        stroke={colour}
        strokeWidth="2"
        style={{ transition: 'all 300ms' }}
      />
      {landed && <circle cx={x(endX)} cy={y(0)} r="5" fill={colour} />}
      <circle cx={x(0)} cy={y(centre)} r="5" fill={paint('lampFill')} />
      <Label
        x={landed ? x(endX) + (crowded ? -9 : 9) : x(ROAD_MM) - 6}
        y={
          lower
            ? Math.min(clippedY + 17, y(0) - 4)
            : Math.min(above - 7, y(0) - (lamp.side === 'LEFT' ? 9 : 27))
        }
        as="figure"
        size={15}
        weight={600}
        colour={VERDICT_PAINT[verdict]}
        anchor={landed && !crowded ? 'start' : 'end'}
      >
        {words}
      </Label>
    </g>
  );
}
