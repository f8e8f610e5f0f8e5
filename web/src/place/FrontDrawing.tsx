import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type {
  FrontEdit,
  LampPairEdit,
  PlaceBound,
  PlaceSheet,
  Side,
  SpotEdit,
} from '../api/client';
import { bareText, figureText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { ToolButton } from '../ui/ToolButton';
import { CentreLine } from '../drawing/Dimension';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import { UprightTape } from '../drawing/UprightTape';
import type { Size } from '../drawing/useSize';
import { fitView, mmToScreenY, type View } from '../drawing/view';
import {
  leftMmToScreenX,
  outerWords,
  shapePath,
  SIDES,
  spotOf,
  wordsBeside,
  type Rows,
} from '../vehicle/shapes';
import { isOfPair, lampOf } from '../finding/subject';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';
import { sideWord } from '../words/terms';
import { LampHandle } from './LampHandle';
import { LampDimensions, PairDimensions } from './PairDimensions';
import { VehicleFront } from './VehicleFront';

const ASIDE_MM = 330;
const ABOVE_MM = 180;
const LEAST_HEIGHT_MM = 1150;
const TAPE_WIDTH = 40;
const FLOOR = 30;
/** Half of a side's word. */
const SIDE_ROOM = 30;
/** Narrower drawings show one side at a time. */
const NARROW = 520;
const BESIDE_MM = 190;
const ABOVE_LAMP_MM = 260;
const CENTRE_ROOM = 22;
const CHOICE_HEIGHT = 48;

const HEIGHTS: PlaceBound['asks'][] = [
  'LOWER_EDGE_HEIGHT',
  'UPPER_EDGE_HEIGHT',
  'CENTRE_HEIGHT',
  'ABOVE_DIPPED',
];

interface Props {
  front: FrontEdit;
  sheet: PlaceSheet;
  chosen: LampPairEdit | undefined;
  onChoose: (pairId: string) => void;
  onMove: (pair: LampPairEdit, side: Side, change: Partial<SpotEdit>) => void;
}

/** The front to scale, seen standing before it: lamps are dragged, nudged and typed where they sit. */
export function FrontDrawing(props: Props) {
  return (
    <DrawingGround label={placeWords.theFrontSeenStandingBeforeIt()}>
      {(size) => <FrontOfSize {...props} {...size} />}
    </DrawingGround>
  );
}

/** The same in a room of known size. */
export function FrontOfSize({
  front,
  sheet,
  chosen,
  onChoose,
  onMove,
  width,
  height,
}: Props & Size) {
  const units = useUnits();
  const [looked, setLooked] = useState<Side | 'BOTH'>();
  const narrow = width < NARROW && chosen !== undefined;
  const near = narrow ? (looked ?? worseSide(sheet, chosen.id)) : 'BOTH';
  const { view, top } =
    near === 'BOTH' || !chosen
      ? wholeView(front, width, height)
      : sideView(front, chosen, near, width, height);
  const shownSides = SIDES.filter((side) => near === 'BOTH' || side === near);
  const judged = sheet.pairs.find((pair) => pair.id === chosen?.id);
  const name = (side: Side, pair: LampPairEdit) =>
    `${side === 'LEFT' ? appWords.leftTitle() : appWords.rightTitle()} ${pair.name}`;
  return (
    <>
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <rect y={view.footY} width={width} height={FLOOR} fill={paint('floor')} />
        {judged && (
          <Zones
            view={view}
            width={width}
            halfMm={front.widthMm / 2}
            bounds={judged.bounds}
            taken={outerWords(view, judged.left.lower.value)}
          />
        )}
        <VehicleFront view={view} widthMm={front.widthMm} />
        <CentreLine x1={view.centreX} y1={0} x2={view.centreX} y2={view.footY} />
        <KeepOuts front={front} view={view} />
        {front.pairs.map((pair) =>
          SIDES.map((side) => (
            <LampShape
              key={pair.id + side}
              view={view}
              pair={pair}
              side={side}
              on={pair.id === chosen?.id}
            />
          )),
        )}
        <UprightTape view={view} width={TAPE_WIDTH} topMm={top} units={units} />
        {SIDES.map((side) => {
          const x = leftMmToScreenX(view, (side === 'LEFT' ? 1 : -1) * (front.widthMm / 2 - 150));
          // seen from near, the other side is beyond the edge
          return x < SIDE_ROOM || x > width - SIDE_ROOM ? null : (
            <Label
              key={side}
              x={x}
              y={view.footY + 21}
              as="figure"
              size={15}
              colour="floorInk"
              anchor="middle"
            >
              {sideWord(side).toUpperCase()}
            </Label>
          );
        })}
        {near === 'BOTH' && width >= NARROW && (
          <Label x={view.centreX} y={view.footY + 20} size={14} colour="floorInk" anchor="middle">
            {appWords.seenStandingBeforeIt()}
          </Label>
        )}
      </svg>
      {narrow && <SideChoice value={near} set={setLooked} />}
      {chosen && judged && near !== 'BOTH' && (
        <LampDimensions
          view={view}
          front={front}
          pair={chosen}
          judged={judged}
          side={near}
          findings={sheet.findings}
          onMove={(change) => onMove(chosen, near, change)}
        />
      )}
      {chosen && judged && near === 'BOTH' && (
        <PairDimensions
          view={view}
          front={front}
          pair={chosen}
          judged={judged}
          findings={sheet.findings}
          onMove={(side, change) => onMove(chosen, side, change)}
        />
      )}
      {front.pairs.map((pair) =>
        shownSides.map((side) => (
          <LampHandle
            key={pair.id + side}
            view={view}
            spot={spotOf(pair, side)}
            side={side}
            label={placeWords.sideSheetArrowsMoveIt({
              side: name(side, pair),
              sheet: describe(sheet, pair.id, side, (figure) => figureText(figure, units)),
            })}
            onChoose={() => onChoose(pair.id)}
            onMove={(change) => onMove(pair, side, change)}
          />
        )),
      )}
    </>
  );
}

/** The whole front, as large as there is room. */
function wholeView(front: FrontEdit, width: number, height: number): { view: View; top: number } {
  const top = Math.max(
    LEAST_HEIGHT_MM,
    ...front.pairs.flatMap((pair) => SIDES.map((side) => spotOf(pair, side).heightMm + ABOVE_MM)),
  );
  const fitted = fitView(
    { halfWidthMm: front.widthMm / 2 + ASIDE_MM, heightMm: top },
    { width: width - TAPE_WIDTH, height: height - FLOOR },
  );
  return { view: { ...fitted, centreX: fitted.centreX + TAPE_WIDTH }, top };
}

/** One side of it, from the centre line out, up to a hand above the lamp that is spoken of. */
function sideView(
  front: FrontEdit,
  pair: LampPairEdit,
  side: Side,
  width: number,
  height: number,
): { view: View; top: number } {
  const top = spotOf(pair, side).heightMm + ABOVE_LAMP_MM;
  const room = width - TAPE_WIDTH - CENTRE_ROOM;
  const scale = Math.min(
    room / (front.widthMm / 2 + BESIDE_MM),
    (height - FLOOR - CHOICE_HEIGHT) / top,
  );
  const centreX = side === 'LEFT' ? TAPE_WIDTH + CENTRE_ROOM : width - CENTRE_ROOM;
  return { view: { scale, centreX, footY: height - FLOOR }, top };
}

/** The side on which more is wrong; the left one where both are alike. */
function worseSide(sheet: PlaceSheet, pairId: string): Side {
  const out = (side: Side) =>
    sheet.findings.filter(
      (one) => isOfPair(one, pairId) && lampOf(one.subject)?.side === side && one.verdict === 'OUT',
    ).length;
  return out('RIGHT') > out('LEFT') ? 'RIGHT' : 'LEFT';
}

/** On a phone one side at a time is looked at. */
function SideChoice({ value, set }: { value: Side | 'BOTH'; set: (side: Side | 'BOTH') => void }) {
  return (
    <Flex position="absolute" top="0" right="0" role="group" aria-label={placeWords.whatIsDrawn()}>
      {(
        [
          ['RIGHT', appWords.rightTitle()],
          ['LEFT', appWords.leftTitle()],
          ['BOTH', placeWords.whole()],
        ] as const
      ).map(([side, words]) => (
        <ToolButton key={side} on={value === side} onClick={() => set(side)}>
          {words}
        </ToolButton>
      ))}
    </Flex>
  );
}

function describe(
  sheet: PlaceSheet,
  pairId: string,
  side: Side,
  text: (figure: PlaceSheet['pairs'][number]['left']['lower']) => string,
) {
  const pair = sheet.pairs.find((one) => one.id === pairId);
  const extent = side === 'LEFT' ? pair?.left : pair?.right;
  return extent
    ? placeWords.lowerEdgeLowerInnerEdgeInner({
        lower: text(extent.lower),
        inner: text(extent.inner),
      })
    : placeWords.newText();
}

/** The limits of the chosen pair: heights right across, edges on both sides. */
function Zones({
  view,
  width,
  halfMm,
  bounds,
  taken,
}: {
  view: View;
  width: number;
  halfMm: number;
  bounds: PlaceBound[];
  /** What stands beside the limits' own words already. */
  taken: Rows;
}) {
  const units = useUnits();
  const lines = bounds.filter((bound) => bound.lineMm !== undefined);
  const heights = lines.filter((bound) => HEIGHTS.includes(bound.asks));
  const edges = lines.filter((bound) => !HEIGHTS.includes(bound.asks));
  const low = Math.max(0, ...heights.filter((b) => b.atLeast).map((b) => b.lineMm ?? 0));
  const high = Math.min(
    ...heights.filter((b) => !b.atLeast).map((b) => b.lineMm ?? Infinity),
    view.footY / view.scale,
  );
  const inner = Math.max(0, ...edges.filter(isInner).map((b) => b.lineMm ?? 0));
  const outer = Math.max(0, ...edges.filter((b) => !isInner(b)).map((b) => b.lineMm ?? 0));
  const innermost = Math.max(inner, outer);
  const seen = new Set<string>();
  return (
    <g>
      {high > low &&
        [1, -1].map((sign) => {
          const a = leftMmToScreenX(view, sign * innermost);
          const b = leftMmToScreenX(view, sign * halfMm);
          return (
            <rect
              key={sign}
              x={Math.min(a, b)}
              width={Math.abs(a - b)}
              y={mmToScreenY(view, high)}
              height={(high - low) * view.scale}
              fill={paint('within')}
              opacity="0.13"
            />
          );
        })}
      {heights.map((bound) => {
        const y = mmToScreenY(view, bound.lineMm ?? 0);
        const words = `${WORDS[bound.asks]} ${bound.asks === 'ABOVE_DIPPED' ? '' : bareText(bound.limit, units)}`;
        if (y < 0 || seen.has(words)) {
          return null;
        }
        seen.add(words);
        return (
          <g key={bound.rule + bound.atLeast}>
            <line
              x1={TAPE_WIDTH}
              x2={width}
              y1={y}
              y2={y}
              stroke={paint('within')}
              strokeDasharray="7 5"
            />
            <Label
              x={TAPE_WIDTH + 8}
              y={wordsBeside(y, taken)}
              size={13.5}
              colour="within"
              weight={500}
            >
              {words}
            </Label>
          </g>
        );
      })}
      {edges.map((bound) =>
        [1, -1].map((sign) => {
          const x = leftMmToScreenX(view, sign * (bound.lineMm ?? 0));
          return (
            <line
              key={bound.rule + sign}
              x1={x}
              x2={x}
              y1={mmToScreenY(view, Math.min(high, 1500))}
              y2={mmToScreenY(view, low)}
              stroke={paint('within')}
              strokeDasharray="7 5"
            />
          );
        }),
      )}
    </g>
  );
}

/** A limit on the space between lamps stands inside; one from the vehicle's side stands outside. */
const isInner = (bound: PlaceBound) => bound.asks === 'INNER_SPACING';

const WORDS: Partial<Record<PlaceBound['asks'], string>> = {
  LOWER_EDGE_HEIGHT: appWords.lowerEdge(),
  UPPER_EDGE_HEIGHT: appWords.upperEdge(),
  CENTRE_HEIGHT: appWords.centre(),
  ABOVE_DIPPED: placeWords.topOfTheLowBeam(),
};

function LampShape({
  view,
  pair,
  side,
  on,
}: {
  view: View;
  pair: LampPairEdit;
  side: Side;
  on: boolean;
}) {
  const spot = spotOf(pair, side);
  return (
    <g>
      {pair.housing && (
        <path
          d={shapePath(view, pair.housing, side, spot)}
          fill="none"
          stroke={paint('ink')}
          strokeWidth="1.3"
        />
      )}
      {pair.heads.map((head, index) => (
        <path
          key={index}
          d={shapePath(view, head.lit, side, {
            outMm: spot.outMm + head.outMm,
            heightMm: spot.heightMm + head.upMm,
          })}
          fill={on ? paint('lampFill') : 'none'}
          stroke={on ? paint('lampFill') : paint('ink')}
          strokeWidth="1.6"
        />
      ))}
      {on && (
        <path
          d={`M${leftMmToScreenX(view, (side === 'LEFT' ? 1 : -1) * spot.outMm) - 7} ${mmToScreenY(view, spot.heightMm)}h14m-7 -7v14`}
          stroke={paint('onLamp')}
          strokeWidth="1.6"
        />
      )}
    </g>
  );
}

function KeepOutName({ view, keepOut }: { view: View; keepOut: FrontEdit['keepOuts'][number] }) {
  const corners = keepOut.outline.corners ?? [];
  const left = corners.reduce((sum, corner) => sum + corner.outMm, 0) / Math.max(1, corners.length);
  const top = Math.max(...corners.map((corner) => corner.upMm));
  return (
    <Label
      x={leftMmToScreenX(view, left)}
      y={mmToScreenY(view, top) - 5}
      size={13.5}
      colour="edge"
      anchor="middle"
      weight={500}
    >
      {keepOut.name}
    </Label>
  );
}

/** What no lamp may cover. */
function KeepOuts({ front, view }: { front: FrontEdit; view: View }) {
  return (
    <>
      {front.keepOuts.map((keepOut) => (
        <g key={keepOut.id}>
          <path
            d={shapePath(view, keepOut.outline, 'LEFT', { outMm: 0, heightMm: 0 })}
            fill={paint('edge')}
            fillOpacity="0.1"
            stroke={paint('edge')}
            strokeDasharray="4 3"
            strokeWidth="1.5"
          />
          <KeepOutName view={view} keepOut={keepOut} />
        </g>
      ))}
    </>
  );
}
