import type { ReactNode } from 'react';
import { paint } from '../ui/theme';
import type { PartNow, PlacedSymbol } from '../api/client';

/** The contact of a switch or relay, open or closed. */
function Contact({
  x,
  top,
  bottom,
  closed,
}: Record<'x' | 'top' | 'bottom', number> & { closed: boolean }) {
  const free = closed ? x : x - 13;
  return (
    <>
      <line x1={x} y1={top} x2={x} y2={top + 9} />
      <line x1={x} y1={bottom - 9} x2={x} y2={bottom} />
      <line x1={x} y1={bottom - 9} x2={free} y2={top + 9} strokeWidth="3" />
      <circle cx={x} cy={top + 9} r="3" fill={paint('ink')} />
      <circle cx={x} cy={bottom - 9} r="3" fill={paint('ink')} />
    </>
  );
}

/** What a lamp throws around it, as bright as it is solved. */
function Glow({ x, y, radius, light }: Record<'x' | 'y' | 'radius' | 'light', number>) {
  const strength = Math.min(1, light / 100);
  return (
    <g stroke="none" fill={paint('lamp')} pointerEvents="none">
      <circle cx={x} cy={y} r={radius * 2.1} opacity={0.16 * strength} />
      <circle cx={x} cy={y} r={radius * 1.5} opacity={0.24 * strength} />
    </g>
  );
}

/** A part's symbol, drawn where the layout put it, as it stands now. */
export function CircuitSymbol({ box, now }: { box: PlacedSymbol; now: PartNow | undefined }) {
  const height = HEIGHTS[box.symbol];
  const top = box.y + (box.height - height) / 2;
  const bottom = top + height;
  const left = box.x;
  const right = box.x + box.width;
  const middle = box.x + box.width / 2;
  const centre = top + height / 2;
  const on = now?.on ?? false;
  const light = now?.lamp?.light.value ?? (box.symbol === 'PILOT' && now?.flows ? 100 : 0);
  const over = (now?.load?.value ?? 0) > 100;
  const leads = box.pins.map((pin) => (
    <line
      key={`${pin.terminal} ${pin.node} ${pin.at.x} ${pin.at.y}`}
      x1={pin.at.x}
      x2={pin.at.x}
      y1={pin.at.y}
      y2={pin.at.y < centre ? top : bottom}
    />
  ));
  return (
    <g fill="none" stroke={paint(over ? 'out' : 'ink')} strokeWidth="1.6" strokeLinecap="round">
      {leads}
      {SHAPES[box.symbol]?.({ left, right, top, bottom, middle, centre, on, light, over })}
    </g>
  );
}

interface At {
  left: number;
  right: number;
  top: number;
  bottom: number;
  middle: number;
  centre: number;
  on: boolean;
  light: number;
  over: boolean;
}

const HEIGHTS: Record<PlacedSymbol['symbol'], number> = {
  FUSE: 44,
  SWITCH: 44,
  COIL: 40,
  MAKE: 44,
  BREAK: 44,
  CHANGE_OVER: 44,
  LAMP: 48,
  PILOT: 28,
  JOINT: 10,
  CLIP: 16,
  DIODE: 28,
  RESISTOR: 44,
  SOLENOID: 36,
  BOX: 44,
  MODULE: 56,
  BAR_END: 2,
  JUNCTION: 6,
  LOOSE: 8,
};

function Rectangle({ left, right, top, bottom }: At) {
  return <rect x={left} y={top} width={right - left} height={bottom - top} rx="2" />;
}

function Lamp(at: At) {
  const radius = (at.bottom - at.top) / 2;
  const half = radius * Math.SQRT1_2;
  const lit = at.light >= 1;
  return (
    <>
      <Glow x={at.middle} y={at.centre} radius={radius} light={at.light} />
      <circle
        cx={at.middle}
        cy={at.centre}
        r={radius}
        fill={lit ? paint('lampFill') : paint('ground')}
        fillOpacity={lit ? 0.25 + 0.75 * Math.min(1, at.light / 100) : 1}
      />
      <g stroke={paint(lit && at.light > 40 ? 'onLamp' : 'ink')}>
        <line
          x1={at.middle - half}
          y1={at.centre - half}
          x2={at.middle + half}
          y2={at.centre + half}
        />
        <line
          x1={at.middle - half}
          y1={at.centre + half}
          x2={at.middle + half}
          y2={at.centre - half}
        />
      </g>
    </>
  );
}

const SHAPES: Partial<Record<PlacedSymbol['symbol'], (at: At) => ReactNode>> = {
  FUSE: (at) => (
    <>
      <Rectangle {...at} />
      {at.on ? (
        <line x1={at.middle} y1={at.top} x2={at.middle} y2={at.bottom} />
      ) : (
        <path d={`M${at.middle} ${at.top}v14m0 16v14`} />
      )}
    </>
  ),
  SWITCH: (at) => <Contact x={at.middle} top={at.top} bottom={at.bottom} closed={at.on} />,
  MAKE: (at) => <Contact x={at.middle} top={at.top} bottom={at.bottom} closed={at.on} />,
  BREAK: (at) => <Contact x={at.middle} top={at.top} bottom={at.bottom} closed={!at.on} />,
  CHANGE_OVER: (at) => {
    const foot = at.on ? at.right - 6 : at.left + 6;
    return (
      <>
        <line x1={at.middle} y1={at.top} x2={at.middle} y2={at.top + 9} />
        <line x1={at.middle} y1={at.top + 9} x2={foot} y2={at.bottom - 9} strokeWidth="3" />
        {[at.left + 6, at.right - 6].map((x) => (
          <g key={x}>
            <line x1={x} y1={at.bottom - 9} x2={x} y2={at.bottom} />
            <circle cx={x} cy={at.bottom - 9} r="3" fill={paint('ink')} />
          </g>
        ))}
        <circle cx={at.middle} cy={at.top + 9} r="3" fill={paint('ink')} />
      </>
    );
  },
  COIL: (at) => (
    <>
      <rect
        x={at.left}
        y={at.top}
        width={at.right - at.left}
        height={at.bottom - at.top}
        fill={at.on ? paint('lampFill') : 'none'}
        fillOpacity="0.35"
      />
      <line x1={at.left} y1={at.bottom} x2={at.right} y2={at.top} />
    </>
  ),
  LAMP: Lamp,
  PILOT: Lamp,
  JOINT: (at) => (
    <circle cx={at.middle} cy={at.centre} r="5" fill={paint(at.on ? 'ink' : 'ground')} />
  ),
  CLIP: (at) => (
    <path d={`M${at.left} ${at.top}h16l-8 16z`} fill={paint('ground')} strokeLinejoin="round" />
  ),
  DIODE: (at) => (
    <>
      <path d={`M${at.left} ${at.top}H${at.right}L${at.middle} ${at.bottom}z`} />
      <line x1={at.left} y1={at.bottom} x2={at.right} y2={at.bottom} strokeWidth="3" />
    </>
  ),
  RESISTOR: (at) => <Rectangle {...at} />,
  SOLENOID: (at) => (
    <>
      <Rectangle {...at} />
      <line x1={at.left} y1={at.bottom} x2={at.right} y2={at.top} />
    </>
  ),
  BOX: (at) => <Rectangle {...at} />,
  MODULE: (at) => <Rectangle {...at} />,
  JUNCTION: (at) => <circle cx={at.middle} cy={at.centre} r="3.5" fill={paint('ink')} />,
  LOOSE: (at) => <circle cx={at.middle} cy={at.centre} r="4" />,
};
