import { useState } from 'react';
import type { LedgerLine } from '../api/client';
import { paint } from '../ui/theme';
import { DrawingGround } from '../drawing/DrawingGround';
import { Label } from '../drawing/Label';
import {
  knownView,
  nameAt,
  type DrawnLamp,
  type Known,
  type KnownView,
  type Share,
} from '../vehicle/knownVehicle';
import {
  edges,
  frameIn,
  screenToSpot,
  spotToScreen,
  type Frame,
  type Spot,
  type ViewName,
} from '../vehicle/vehicleViews';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

/** Room round the drawing, and below it for its words. */
const MARGIN = 12;
const FOOT = 18;

/** The vehicle with what is off it; pressed anywhere, it takes that place for the next line. */
export function VehicleLedger({
  known,
  view,
  ledger,
  spot,
  onSpot,
  lit,
}: {
  known: Known;
  view: ViewName;
  ledger: LedgerLine[];
  spot?: Spot;
  /** Takes the place that was pressed, and the name of what lies there. */
  onSpot?: (spot: Spot, name: string) => void;
  /** The line that is spoken of. */
  lit?: string;
}) {
  const [words, first, last] = edges(view);
  const drawn = knownView(known, view);
  const here = spot?.view === view ? nameAt(drawn, spot) : '';
  return (
    <DrawingGround label={workshopWords.theVehicleSeen({ view: words })}>
      {({ width, height }) => {
        const frame = frameIn(drawn.aspect, width, height - FOOT, MARGIN);
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
                onSpot?.(at, nameAt(drawn, at));
              }
            }}
          >
            <clipPath id="vehicle-view">
              <rect {...frame} />
            </clipPath>
            <Body known={drawn} frame={frame} />
            <Label x={frame.x} y={height - 7} size={13.5} colour="quiet">
              {first}
            </Label>
            <Label x={frame.x + frame.width} y={height - 7} size={13.5} colour="quiet" anchor="end">
              {last}
            </Label>
            <Label x={width / 2} y={height - 7} size={13.5} colour="quiet" anchor="middle">
              {here || (view === 'FRONT' ? appWords.seenStandingBeforeIt() : words)}
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

function Body({ known, frame }: { known: KnownView; frame: Frame }) {
  const at = ([across, up]: Share) => {
    const { x, y } = spotToScreen({ across, up }, frame);
    return `${x.toFixed(1)} ${y.toFixed(1)}`;
  };
  return (
    <g stroke={paint('ink')} fill="none" clipPath="url(#vehicle-view)">
      <path
        d={`M${known.outline.map(at).join('L')}Z`}
        strokeWidth="1.5"
        fill={paint('ground')}
        opacity="0.75"
      />
      {known.details.map((line, index) => (
        <path key={index} d={`M${line.map(at).join('L')}`} strokeWidth="1" opacity="0.55" />
      ))}
      {known.wheels.map(({ at: wheel, radius }, index) => {
        const { x, y } = spotToScreen({ across: wheel[0], up: wheel[1] }, frame);
        return (
          <g key={index} opacity="0.75" strokeWidth="1.5">
            <circle cx={x} cy={y} r={radius * frame.height} fill={paint('plaster')} />
            <circle cx={x} cy={y} r={radius * frame.height * 0.6} strokeWidth="1" />
          </g>
        );
      })}
      {known.lamps.map((lamp, index) => (
        <Lamp key={index} lamp={lamp} frame={frame} />
      ))}
    </g>
  );
}

/** A lamp where it was measured or planned; dashed where it was only drawn. */
function Lamp({ lamp, frame }: { lamp: DrawnLamp; frame: Frame }) {
  const { x, y } = spotToScreen({ across: lamp.at[0], up: lamp.at[1] }, frame);
  const [rx, ry] = [lamp.half[0] * frame.width, lamp.half[1] * frame.height];
  const looks = {
    fill: paint('lampFill'),
    fillOpacity: 0.28,
    stroke: paint('ink'),
    strokeWidth: 1.2,
    strokeDasharray: lamp.known ? undefined : '5 4',
  };
  return lamp.round ? (
    <ellipse cx={x} cy={y} rx={rx} ry={ry} {...looks} />
  ) : (
    <rect x={x - rx} y={y - ry} width={2 * rx} height={2 * ry} rx="4" {...looks} />
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
