import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import {
  Problem,
  type FrontEdit,
  type LampPairEdit,
  type PlaceSheet,
  type Side,
  type Verdict,
} from '../api/client';
import { useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { Label } from '../drawing/Label';
import { useSize } from '../drawing/useSize';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { shownLength } from '../entry/typed';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { SIDES, spotOf } from '../vehicle/shapes';
import { findingOn } from '../finding/subject';
import { appWords } from '../words/page/app';
import { decimalText } from '../words/numbers';
import { placeWords } from '../words/page/place';

/** From a lamp to the middle of its words, px. */
const WORDS_AWAY = 84;
const ARM = 62;
const FRONT_Y = 30;

/** The bumper from above, forward down: where each lamp looks, typed as a protractor reads it. */
export function HeadingPlan({
  front,
  pair,
  sheet,
  onTurn,
  onSetback,
}: {
  front: FrontEdit;
  pair: LampPairEdit;
  sheet: PlaceSheet;
  onTurn: (side: Side, headingDeg: number) => void;
  /** Takes how far the bumper lies back at its side, as typed. */
  onSetback: (typed: string) => Promise<void>;
}) {
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const scale = width / (front.widthMm + 700);
  const x = (leftMm: number) => width / 2 + leftMm * scale;
  const half = front.widthMm / 2;
  const limit = sheet.pairs
    .find((one) => one.id === pair.id)
    ?.bounds.find((bound) => bound.asks === 'HEADING');
  const verdict = (side: Side): Verdict =>
    findingOn(sheet.findings, limit?.rule, pair.id, side)?.verdict ?? 'NOT_KNOWN';
  const y = (backMm: number) => FRONT_Y + 18 - backMm * scale;
  const backAt = (outMm: number) =>
    sheet.bumper.reduce(
      (nearest, point) =>
        Math.abs(point.outMm - outMm) < Math.abs(nearest.outMm - outMm) ? point : nearest,
      { outMm: Infinity, backMm: 0 },
    ).backMm;
  const measured =
    sheet.bumper.length > 0
      ? `M${[
          ...sheet.bumper.toReversed().map((point) => `${x(-point.outMm)} ${y(point.backMm)}`),
          ...sheet.bumper.map((point) => `${x(point.outMm)} ${y(point.backMm)}`),
        ].join('L')}`
      : undefined;
  return (
    <Box ref={box} position="relative" h="100%" bg="panel" overflow="hidden">
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <Label x={width / 2} y={22} size={13.5} colour="quiet" anchor="middle">
          {placeWords.fromAboveForwardIsDown()}
        </Label>
        <path
          d={
            measured ??
            `M${x(-half)} 6Q${x(-half)} ${FRONT_Y} ${x(-half * 0.7)} ${FRONT_Y + 8}Q${x(0)} ${FRONT_Y + 18} ${x(half * 0.7)} ${FRONT_Y + 8}Q${x(half)} ${FRONT_Y} ${x(half)} 6`
          }
          fill="none"
          stroke={paint('ink')}
          strokeWidth="1.5"
          opacity="0.75"
        />
        {SIDES.map((side) => {
          const spot = spotOf(pair, side);
          const sign = side === 'LEFT' ? 1 : -1;
          const at = {
            x: x(sign * spot.outMm),
            y: measured ? y(backAt(spot.outMm)) : FRONT_Y + 10,
          };
          const end = (deg: number) => {
            const angle = (sign * deg * Math.PI) / 180;
            return `${at.x + ARM * Math.sin(angle)} ${at.y + ARM * Math.cos(angle)}`;
          };
          const most = limit?.limit.value ?? 0;
          return (
            <g key={side}>
              {most > 0 && (
                <path
                  d={`M${at.x} ${at.y}L${end(most)}L${end(-most)}Z`}
                  fill={paint('within')}
                  opacity="0.2"
                />
              )}
              <path
                d={`M${at.x} ${at.y}L${end(spot.headingDeg)}`}
                stroke={paint(VERDICT_PAINT[verdict(side)])}
                strokeWidth="3"
              />
              <circle cx={at.x} cy={at.y} r="6" fill={paint('lampFill')} />
            </g>
          );
        })}
      </svg>
      {SIDES.map((side) => {
        const spot = spotOf(pair, side);
        const sign = side === 'LEFT' ? 1 : -1;
        const [words, short] = turnedWords(spot.headingDeg);
        // each stays on its own side of the centre line
        const inwards = Math.min(WORDS_AWAY, (spot.outMm * scale) / 2);
        return (
          <Box
            key={side}
            position="absolute"
            left={`${x(sign * spot.outMm) - sign * inwards}px`}
            top={`${FRONT_Y + 44}px`}
            transform="translate(-50%, -50%)"
            css={{ '--entry-ground': 'var(--chakra-colors-panel)' }}
          >
            <MeasuredEntry
              name={headingEntry(pair.id, side)}
              label={placeWords.nameDirectionWords({
                value: side === 'LEFT' ? appWords.leftTitle() : appWords.rightTitle(),
                name: pair.name,
                words,
              })}
              shown={inwards < WORDS_AWAY ? short : words}
              width="84px"
              onKeep={(typed) => turn(typed, (deg) => onTurn(side, deg))}
            />
          </Box>
        );
      })}
      <Setback setback={front.bumperSetbackMm} onKeep={onSetback} />
    </Box>
  );
}

/** What the entry of a lamp's direction is asked for by. */
export const headingEntry = (pairId: string, side: Side) => `heading:${pairId}:${side}`;

/** Reads a protractor: degrees outwards, inwards with a minus. */
async function turn(typed: string, take: (deg: number) => void) {
  const deg = Number(typed.trim().replace(',', '.').replace('−', '-').replace(/\s*°$/, ''));
  if (typed.trim() === '' || !Number.isFinite(deg) || Math.abs(deg) > 90) {
    throw new Problem(422, placeWords.degreesOutwardsFrom90To90(), 'typed', {});
  }
  take(deg);
  return Promise.resolve();
}

/** Which way a lamp points, and the same where there is little room. */
function turnedWords(headingDeg: number): [string, string] {
  const angle = `${decimalText(Math.abs(headingDeg))}°`;
  if (headingDeg === 0) {
    return [placeWords.turnedAhead({ angle }), placeWords.turnedAhead({ angle })];
  }
  return headingDeg > 0
    ? [placeWords.turnedOutward({ angle }), placeWords.turnedOut({ angle })]
    : [placeWords.turnedInward({ angle }), placeWords.turnedIn({ angle })];
}

/** How far the bumper lies back at its side. */
function Setback({
  setback,
  onKeep,
}: {
  setback: number | undefined;
  onKeep: (typed: string) => Promise<void>;
}) {
  const units = useUnits();
  return (
    <Box
      position="absolute"
      right="14px"
      bottom="2px"
      css={{ '--entry-ground': 'var(--chakra-colors-panel)' }}
    >
      <MeasuredEntry
        label={
          setback === undefined
            ? placeWords.bumperSetBackHowFarIt()
            : placeWords.bumperAtItsSideBackSetback({ setback: shownLength(setback, units) })
        }
        shown={
          setback === undefined
            ? placeWords.bumperSetBack()
            : placeWords.backSetback({ setback: shownLength(setback, units) })
        }
        missing={setback === undefined}
        width="130px"
        align="right"
        onKeep={onKeep}
      />
    </Box>
  );
}
