import { paint } from '../ui/theme';

/** A dimension line with slanted ticks at its ends, as on a workshop drawing. */
export function Dimension({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }) {
  const tick = (x: number, y: number) => `M${x - 4} ${y + 6}L${x + 4} ${y - 6}`;
  return (
    <g stroke={paint('ink')} strokeWidth="1.3" fill="none" opacity="0.85">
      <line x1={x1} y1={y1} x2={x2} y2={y2} />
      <path d={tick(x1, y1)} />
      <path d={tick(x2, y2)} />
    </g>
  );
}

/** A centre line: dash and dot. */
export function CentreLine({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }) {
  return (
    <line
      x1={x1}
      y1={y1}
      x2={x2}
      y2={y2}
      stroke={paint('quiet')}
      strokeWidth="1"
      strokeDasharray="12 4 2 4"
    />
  );
}
