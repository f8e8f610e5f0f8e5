import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import type { LitRoad, RoadLight, Units } from '../api/client';
import { Label } from '../drawing/Label';
import { useSize } from '../drawing/useSize';
import { useUnits } from '../ui/session';
import { paint } from '../ui/theme';

const NOSE_PX = 30;
const FOOT_PX = 22;

/** Narrower drawings have room for every other figure of the scale. */
const NARROW_PX = 480;
const TICKS = {
  METRIC: { step: 20_000, unit: 1_000, word: 'm' },
  IMPERIAL: { step: 30_480, unit: 304.8, word: 'ft' },
} satisfies Record<Units, { step: number; unit: number; word: string }>;

/** Each ring lies within the last: so much more lamp colour a step. */
const STEP_OPACITY = [0.13, 0.17, 0.22, 0.3, 0.42];

/** What reaches so near to the end of the drawing goes on beyond it. */
const END_MM = 1_000;

/** The road seen from above, the vehicle at its left end and heading right. */
export function RoadFromAbove({
  window,
  lit,
  label,
  oncomingIsLeft,
}: {
  window: RoadLight['window'];
  lit: LitRoad;
  label: string;
  oncomingIsLeft: boolean;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(box);
  const road = Math.max(1, height - FOOT_PX);
  const scaleX = Math.max(1e-9, (width - NOSE_PX) / (window.fromMm + window.lengthMm));
  const scaleY = road / window.widthMm;
  const x = (mm: number) => NOSE_PX + mm * scaleX;
  const y = (leftMm: number) => road / 2 - leftMm * scaleY;
  const lane = window.laneMm;
  const middle = (oncomingIsLeft ? 1 : -1) * (lane / 2);
  const tick = TICKS[units];
  const end = window.fromMm + window.lengthMm;
  const step = width < NARROW_PX ? 2 * tick.step : tick.step;
  const ticks = Array.from({ length: Math.floor(end / step) + 1 }, (_, i) => i * step);
  return (
    <Box ref={box} h="100%" position="relative" overflow="hidden" bg="plaster">
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={label}>
          <rect
            x="0"
            width={width}
            y={Math.min(y(middle + lane), y(middle - lane))}
            height={2 * lane * scaleY}
            fill={paint('floor')}
          />
          {[middle - lane, middle, middle + lane].map((edge) => (
            <line
              key={edge}
              x1="0"
              x2={width}
              y1={y(edge)}
              y2={y(edge)}
              stroke={paint('rule')}
              strokeDasharray={edge === middle ? '14 10' : undefined}
            />
          ))}
          {lit.isolux.map((level, index) => (
            <path
              key={level.lux.value}
              d={level.rings.map((ring) => path(ring, x, y)).join('')}
              fill={paint('lampFill')}
              fillOpacity={STEP_OPACITY[index]}
              fillRule="evenodd"
              stroke={paint('lamp')}
              strokeOpacity={0.5}
              strokeWidth="0.7"
            />
          ))}
          {lit.isolux.map((level) => {
            const [left, ahead] = farthest(level.rings);
            return ahead > window.fromMm && ahead < end - END_MM ? (
              <Label
                key={level.lux.value}
                x={x(ahead) - 5}
                y={y(left) + 4}
                as="scale"
                size={13}
                anchor="end"
              >
                {level.lux.value}
              </Label>
            ) : null;
          })}
          <rect
            x="-2"
            width={NOSE_PX - 2}
            y={y(900)}
            height={1800 * scaleY}
            rx="3"
            fill={paint('plaster')}
            stroke={paint('ink')}
          />
          {ticks.map((mm, index) => (
            <g key={mm}>
              <line x1={x(mm)} x2={x(mm)} y1={road} y2={road + 4} stroke={paint('rule')} />
              <Label
                x={Math.min(x(mm), width - 5)}
                y={road + 17}
                as="scale"
                size={13}
                colour="quiet"
                anchor={x(mm) > width - 24 ? 'end' : 'middle'}
              >
                {Math.round(mm / tick.unit)}
                {index === ticks.length - 1 ? ` ${tick.word}` : ''}
              </Label>
            </g>
          ))}
        </svg>
      )}
    </Box>
  );
}

/** The point of some rings that lies farthest ahead: to the left, ahead. */
function farthest(rings: number[][]): [number, number] {
  let far: [number, number] = [0, 0];
  for (const ring of rings) {
    for (let i = 0; i + 1 < ring.length; i += 2) {
      const ahead = ring[i + 1] ?? 0;
      far = ahead > far[1] ? [ring[i] ?? 0, ahead] : far;
    }
  }
  return far;
}

/** A ring of pairs "to the left, ahead" as a path. */
function path(ring: number[], x: (mm: number) => number, y: (leftMm: number) => number): string {
  const points: string[] = [];
  for (let i = 0; i + 1 < ring.length; i += 2) {
    points.push(`${x(ring[i + 1] ?? 0).toFixed(1)} ${y(ring[i] ?? 0).toFixed(1)}`);
  }
  return `M${points.join('L')}z`;
}
