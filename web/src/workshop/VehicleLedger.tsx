import { useState } from 'react';
import type { LedgerLine } from '../app/api/client';
import { paint } from '../app/theme';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import {
  DETAILS,
  edges,
  frameIn,
  OUTLINES,
  screenToSpot,
  spotToScreen,
  type Frame,
  type Spot,
  type ViewName,
} from './vehicleViews';

/** The vehicle with what is off it; pressed anywhere, it takes that place for the next line. */
export function VehicleLedger({
  view,
  ledger,
  spot,
  onSpot,
  lit,
}: {
  view: ViewName;
  ledger: LedgerLine[];
  spot?: Spot;
  onSpot?: (spot: Spot) => void;
  /** The line that is spoken of. */
  lit?: string;
}) {
  const [words, first, last] = edges(view);
  return (
    <DrawingGround label={`The vehicle, ${words.toLowerCase()}`}>
      {({ width, height }) => {
        const frame = frameIn(view, width, height, 26);
        return (
          <svg
            width={width}
            height={height}
            style={{ display: 'block', cursor: onSpot ? 'crosshair' : undefined }}
            aria-hidden="true"
            data-view={view}
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              const at = screenToSpot(view, event.clientX - box.x, event.clientY - box.y, frame);
              if (at) {
                onSpot?.(at);
              }
            }}
          >
            <Body view={view} frame={frame} />
            <Label x={frame.x} y={height - 7} size={13.5} colour="quiet">
              {first}
            </Label>
            <Label x={frame.x + frame.width} y={height - 7} size={13.5} colour="quiet" anchor="end">
              {last}
            </Label>
            <Label x={width / 2} y={height - 7} size={13.5} colour="quiet" anchor="middle">
              {view === 'FRONT' ? 'seen standing before it' : words.toLowerCase()}
            </Label>
            {apart(ledger, view, frame).map(({ line, at }) => (
              <Mark key={line.id} line={line} at={at} lit={line.id === lit} />
            ))}
            {spot?.view === view && <Here spot={spot} frame={frame} />}
          </svg>
        );
      }}
    </DrawingGround>
  );
}

function Body({ view, frame }: { view: ViewName; frame: Frame }) {
  const at = ([x, y]: [number, number]) =>
    `${(frame.x + x * frame.width).toFixed(1)} ${(frame.y + y * frame.height).toFixed(1)}`;
  return (
    <g stroke={paint('ink')} fill="none" opacity="0.75">
      <path d={`M${OUTLINES[view].map(at).join('L')}Z`} strokeWidth="1.5" fill={paint('ground')} />
      {DETAILS[view].map((line, index) => (
        <path key={index} d={`M${line.map(at).join('L')}`} strokeWidth="1" opacity="0.7" />
      ))}
      {(view === 'LEFT_SIDE' || view === 'RIGHT_SIDE') && (
        <circle
          cx={frame.x + 0.5 * frame.width}
          cy={frame.y + 0.86 * frame.height}
          r={0.17 * frame.height}
          strokeWidth="1.5"
        />
      )}
    </g>
  );
}

interface At {
  x: number;
  y: number;
}

const TAG = { width: 28, height: 24 };

/** Where the tags of a view stand: those pointed at the same place stand below each other. */
function apart(ledger: LedgerLine[], view: ViewName, frame: Frame) {
  const placed: { line: LedgerLine; at: At }[] = [];
  for (const line of ledger) {
    if (line.row.spot?.view === view) {
      const at = spotToScreen(line.row.spot, frame);
      while (
        placed.some(
          (other) =>
            Math.abs(other.at.x - at.x) < TAG.width && Math.abs(other.at.y - at.y) < TAG.height,
        )
      ) {
        at.y += TAG.height + 2;
      }
      placed.push({ line, at });
    }
  }
  return placed;
}

/** So many from here: a filled tag while they are out, an empty one once they are in. */
function Mark({ line, at, lit }: { line: LedgerLine; at: At; lit: boolean }) {
  const out = line.out > 0;
  return (
    <g>
      <rect
        x={at.x - TAG.width / 2}
        y={at.y - TAG.height / 2}
        width={TAG.width}
        height={TAG.height}
        rx="4"
        fill={out ? paint('tape') : paint('ground')}
        stroke={lit ? paint('lamp') : out ? paint('tapeInk') : paint('rule')}
        strokeWidth={lit ? 3 : 1.2}
      />
      <text
        x={at.x}
        y={at.y + 5}
        textAnchor="middle"
        fill={out ? paint('tapeInk') : paint('quiet')}
        style={{ fontFamily: "'Barlow Semi Condensed'", fontSize: '15px', fontWeight: 600 }}
      >
        {out ? line.out : line.done ? '✓' : '·'}
      </text>
    </g>
  );
}

function Here({ spot, frame }: { spot: Spot; frame: Frame }) {
  const { x, y } = spotToScreen(spot, frame);
  return (
    <g stroke={paint('lamp')} strokeWidth="2" fill="none">
      <circle cx={x} cy={y} r="17" />
      <path d={`M${x - 26} ${y}h18M${x + 8} ${y}h18M${x} ${y - 26}v18M${x} ${y + 8}v18`} />
    </g>
  );
}

/** The view that is looked at. */
export function useView() {
  return useState<ViewName>('FRONT');
}
