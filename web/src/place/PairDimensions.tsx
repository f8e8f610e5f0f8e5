import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Finding, FrontEdit, LampPairEdit, PlaceSheet, Side, SpotEdit } from '../api/client';
import { readLength } from '../api/queries';
import { bareText, figureText, sizeOf, useUnits } from '../ui/session';
import { Dimension } from '../drawing/Dimension';
import { mmToScreenY, type View } from '../drawing/view';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { shownLength } from '../entry/typed';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { leftMmToScreenX, outerLineY, spotOf } from '../vehicle/shapes';
import { findingOn } from '../finding/subject';
import { placeWords } from '../words/page/place';

/** Dimension lines of the chosen pair: where it sits (typed there) and what is left to each limit. */
export function PairDimensions({
  view,
  front,
  pair,
  judged,
  findings,
  onMove,
}: {
  view: View;
  front: FrontEdit;
  pair: LampPairEdit;
  judged: PlaceSheet['pairs'][number];
  findings: Finding[];
  onMove: (side: Side, change: Partial<SpotEdit>) => void;
}) {
  const units = useUnits();
  const left = spotOf(pair, 'LEFT');
  const right = spotOf(pair, 'RIGHT');
  const margin = (asks: string, side?: Side) => {
    const bound = judged.bounds.find((one) => one.asks === asks);
    return findingOn(findings, bound?.rule, pair.id, side);
  };
  const leftX = leftMmToScreenX(view, left.outMm);
  const edgeX = leftMmToScreenX(view, -right.outMm + 60);
  const half = front.widthMm / 2;
  const lower = judged.left.lower.value;
  const heightX = Math.min(leftMmToScreenX(view, half) + 34, leftMmToScreenX(view, half + 250));
  const innerY = mmToScreenY(view, judged.left.upper.value) - 30;
  const centreY = mmToScreenY(view, lower) + 40;
  const outerY = outerLineY(view, lower);
  return (
    <>
      <svg
        width="100%"
        height="100%"
        aria-hidden="true"
        style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
      >
        <Dimension
          x1={leftMmToScreenX(view, judged.left.inner.value)}
          y1={innerY}
          x2={leftMmToScreenX(view, -judged.right.inner.value)}
          y2={innerY}
        />
        <Dimension x1={view.centreX} y1={centreY} x2={leftX} y2={centreY} />
        <Dimension
          x1={leftMmToScreenX(view, -judged.right.outer.value)}
          y1={outerY}
          x2={leftMmToScreenX(view, -half)}
          y2={outerY}
        />
        <Upright x={heightX} mm={left.heightMm} view={view} />
        <Upright x={edgeX} mm={judged.right.lower.value} view={view} />
        <line
          x1={leftX}
          x2={heightX}
          y1={mmToScreenY(view, left.heightMm)}
          y2={mmToScreenY(view, left.heightMm)}
          stroke="currentColor"
          strokeWidth="0.8"
          strokeDasharray="2 4"
        />
      </svg>
      <Words x={view.centreX} y={innerY} finding={margin('INNER_SPACING')}>
        {placeWords.innerSpacingBetweenInnerEdges({
          innerSpacing: bareText(judged.innerSpacing, units),
        })}
      </Words>
      <Words
        x={(leftMmToScreenX(view, -judged.right.outer.value) + leftMmToScreenX(view, -half)) / 2}
        y={outerY + 28}
        finding={margin('OUTER_EDGE', 'RIGHT')}
      >
        {bareText(judged.right.toSide, units)}
      </Words>
      <Place x={(view.centreX + leftX) / 2} y={centreY}>
        <OutEntry pair={pair} spot={left} onMove={(change) => onMove('LEFT', change)} />
      </Place>
      <Place x={heightX + 30} y={mmToScreenY(view, left.heightMm / 2)}>
        <HeightEntry
          pair={pair}
          spot={left}
          align="right"
          onMove={(change) => onMove('LEFT', change)}
        />
      </Place>
      <Words
        x={edgeX + 64}
        y={mmToScreenY(view, judged.right.lower.value / 2) + 6}
        finding={margin('LOWER_EDGE_HEIGHT', 'RIGHT') ?? margin('CENTRE_HEIGHT', 'RIGHT')}
      >
        {placeWords.lowerEdgeLower({ lower: bareText(judged.right.lower, units) })}
      </Words>
    </>
  );
}

/** The same of one lamp alone, where there is room for one side only. */
export function LampDimensions({
  view,
  front,
  pair,
  judged,
  side,
  findings,
  onMove,
}: {
  view: View;
  front: FrontEdit;
  pair: LampPairEdit;
  judged: PlaceSheet['pairs'][number];
  side: Side;
  findings: Finding[];
  onMove: (change: Partial<SpotEdit>) => void;
}) {
  const units = useUnits();
  const out = side === 'LEFT' ? 1 : -1;
  const spot = spotOf(pair, side);
  const extent = side === 'LEFT' ? judged.left : judged.right;
  const at = (mm: number) => leftMmToScreenX(view, out * mm);
  const half = front.widthMm / 2;
  const heightX = at(half) + out * 20;
  const centreY = mmToScreenY(view, extent.lower.value) + 34;
  const outerY = mmToScreenY(view, extent.upper.value) - 26;
  const margin = (asks: string) => {
    const bound = judged.bounds.find((one) => one.asks === asks);
    return findingOn(findings, bound?.rule, pair.id, side);
  };
  return (
    <>
      <svg
        width="100%"
        height="100%"
        aria-hidden="true"
        style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
      >
        <Dimension x1={view.centreX} y1={centreY} x2={at(spot.outMm)} y2={centreY} />
        <Dimension x1={at(extent.outer.value)} y1={outerY} x2={at(half)} y2={outerY} />
        <Upright x={heightX} mm={spot.heightMm} view={view} />
        <line
          x1={at(spot.outMm)}
          x2={heightX}
          y1={mmToScreenY(view, spot.heightMm)}
          y2={mmToScreenY(view, spot.heightMm)}
          stroke="currentColor"
          strokeWidth="0.8"
          strokeDasharray="2 4"
        />
      </svg>
      <Place x={(view.centreX + at(spot.outMm)) / 2} y={centreY}>
        <OutEntry pair={pair} spot={spot} onMove={onMove} />
      </Place>
      <Place x={heightX - out * 8} y={mmToScreenY(view, spot.heightMm / 2)}>
        <HeightEntry pair={pair} spot={spot} onMove={onMove} />
      </Place>
      <Words
        x={(at(extent.outer.value) + at(half)) / 2}
        y={outerY - 22}
        finding={margin('OUTER_EDGE')}
      >
        {bareText(extent.toSide, units)}
      </Words>
      <Words
        x={at(spot.outMm) - out * 70}
        y={mmToScreenY(view, extent.lower.value / 2) + 26}
        finding={margin('LOWER_EDGE_HEIGHT') ?? margin('CENTRE_HEIGHT')}
      >
        {placeWords.lowerEdgeLower({ lower: bareText(extent.lower, units) })}
      </Words>
    </>
  );
}

interface SpotEntry {
  pair: LampPairEdit;
  spot: SpotEdit;
  onMove: (change: Partial<SpotEdit>) => void;
}

/** How far out a lamp sits, typed where it is shown. */
function OutEntry({ pair, spot, onMove }: SpotEntry) {
  const units = useUnits();
  const shown = shownLength(spot.outMm, units);
  return (
    <MeasuredEntry
      label={placeWords.nameFromTheCentreLineTo({ name: pair.name, shown })}
      shown={shown}
      onKeep={async (typed) => onMove({ outMm: await readLength(typed, units) })}
    />
  );
}

/** How high it sits. */
function HeightEntry({ pair, spot, onMove, align }: SpotEntry & { align?: 'right' }) {
  const units = useUnits();
  const shown = shownLength(spot.heightMm, units);
  return (
    <MeasuredEntry
      label={placeWords.nameHeightOfItsCentreShown({ name: pair.name, shown })}
      shown={shown}
      align={align}
      onKeep={async (typed) => onMove({ heightMm: await readLength(typed, units) })}
    />
  );
}

/** A dimension line from the ground up. */
function Upright({ x, mm, view }: { x: number; mm: number; view: View }) {
  return (
    <g transform={`rotate(90 ${x} ${view.footY})`}>
      <Dimension x1={x - mm * view.scale} y1={view.footY} x2={x} y2={view.footY} />
    </g>
  );
}

/** A dimension's words, with what is left to its limit below. */
function Words({
  x,
  y,
  finding,
  children,
}: {
  x: number;
  y: number;
  finding: Finding | undefined;
  children: ReactNode;
}) {
  const units = useUnits();
  const margin = finding?.margin;
  return (
    <Box
      position="absolute"
      left={`${x}px`}
      top={`${y - 24}px`}
      transform="translateX(-50%)"
      textAlign="center"
      whiteSpace="nowrap"
      pointerEvents="none"
    >
      <Box
        display="inline-block"
        fontFamily="heading"
        fontWeight="600"
        fontSize="15px"
        lineHeight="20px"
        bg="var(--entry-ground)"
        px="3px"
      >
        {children}
      </Box>
      {finding && margin && (
        <Box
          mt="7px"
          fontSize="13.5px"
          lineHeight="17px"
          fontWeight="500"
          color={VERDICT_PAINT[finding.verdict]}
          bg="var(--entry-ground)"
          px="3px"
        >
          {margin.value < 0
            ? placeWords.marginShort({ margin: figureText(sizeOf(margin), units) })
            : placeWords.marginToSpare({ margin: figureText(margin, units) })}
        </Box>
      )}
    </Box>
  );
}

function Place({ x, y, children }: { x: number; y: number; children: ReactNode }) {
  return (
    <Box
      position="absolute"
      left={`${x}px`}
      top={`${y}px`}
      transform="translate(-50%, -50%)"
      zIndex="2"
    >
      {children}
    </Box>
  );
}
