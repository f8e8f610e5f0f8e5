import { paint } from '../ui/theme';
import { mmToScreenY, type View } from '../drawing/view';
import { leftMmToScreenX } from '../vehicle/shapes';

/** Half outline of a plain front as shares of the half width, with heights in mm; no make's likeness. */
const BODY: [number, number][] = [
  [0, 215],
  [0.82, 225],
  [0.96, 290],
  [1, 420],
  [1, 620],
  [0.97, 800],
  [0.86, 960],
  [0.7, 1030],
  [0, 1045],
];
const TYRE_INNER = 0.74;
const TYRE_OUTER = 0.96;

/** A plain front of the given width, with its tyres: it shows the scale and nothing else. */
export function VehicleFront({ view, widthMm }: { view: View; widthMm: number }) {
  const half = widthMm / 2;
  const at = (share: number, mm: number) =>
    `${leftMmToScreenX(view, share * half).toFixed(1)} ${mmToScreenY(view, mm).toFixed(1)}`;
  const left = BODY.map(([share, mm]) => at(share, mm));
  const right = [...BODY].reverse().map(([share, mm]) => at(-share, mm));
  return (
    <g fill="none" stroke={paint('ink')} strokeWidth="1.5" opacity="0.75">
      {[1, -1].map((sign) => (
        <path
          key={sign}
          d={`M${at(sign * TYRE_INNER, 224)}L${at(sign * TYRE_INNER, 0)}L${at(sign * TYRE_OUTER, 0)}L${at(sign * TYRE_OUTER, 292)}`}
          fill={paint('ground')}
        />
      ))}
      <path d={`M${left.join('L')}L${right.join('L')}Z`} />
    </g>
  );
}
