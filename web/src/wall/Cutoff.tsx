import type { LampAtWall, LampKind, Side, Vehicle, Verdict } from '../api/client';
import { paint } from '../ui/theme';
import { mmToScreenX, mmToScreenY, type View } from '../drawing/view';
import { VERDICT_PAINT } from '../finding/VerdictShape';

const REACH_MM = 560;
const RISE = Math.tan((15 * Math.PI) / 180);

export type CutoffShape = 'level' | 'step' | 'spot';

/** What of a beam's edge is drawn: a step rising to the kerb, or a level line. */
export function cutoffShape(vehicle: Vehicle, kind: LampKind): CutoffShape {
  if (kind === 'DRIVING') {
    return 'spot';
  }
  return kind === 'FRONT_FOG' || vehicle.dipped !== 'UN_DIPPED' ? 'level' : 'step';
}

/** The light of one lamp on the wall: it glows below its cutoff. */
export function Cutoff({
  lamp,
  aheadMm,
  belowMm,
  stepLeftMm,
  view,
  halfRoomMm,
  kerb,
  shape,
  verdict,
  stale,
}: {
  lamp: LampAtWall;
  /** Straight ahead of the lamp, in mm to the left of the vehicle's centre. */
  aheadMm: number;
  belowMm: number;
  stepLeftMm: number;
  view: View;
  halfRoomMm: number;
  kerb: Side;
  shape: CutoffShape;
  verdict: Verdict;
  stale: boolean;
}) {
  const place = lamp.place;
  if (!place) {
    return null;
  }
  const reach = Math.min(REACH_MM, halfRoomMm);
  const heightMm = place.line.value - belowMm;
  const stepX = mmToScreenX(view, aheadMm + stepLeftMm);
  const y = mmToScreenY(view, heightMm);
  const length = reach * view.scale;
  const toKerb = kerb === 'LEFT' ? -1 : 1;
  const rise = shape === 'step' ? length * RISE : 0;
  const flatX = stepX - toKerb * length;
  const kerbX = stepX + toKerb * length;
  const edge = `M${flatX} ${y}L${stepX} ${y}L${kerbX} ${y - rise}`;
  const gradient = `light-${lamp.side}`;
  const stroke = paint(verdict === 'OUT' ? VERDICT_PAINT.OUT : 'lamp');
  if (shape === 'spot') {
    return (
      <g opacity={stale ? 0.4 : 1}>
        <radialGradient id={gradient}>
          <stop offset="0" stopColor={paint('lampFill')} stopOpacity="0.8" />
          <stop offset="1" stopColor={paint('lampFill')} stopOpacity="0" />
        </radialGradient>
        <ellipse cx={stepX} cy={y} rx={length} ry={length * 0.6} fill={`url(#${gradient})`} />
        <ellipse
          cx={stepX}
          cy={y}
          rx={length * 0.22}
          ry={length * 0.13}
          fill="none"
          stroke={stroke}
          strokeWidth="2.6"
          strokeDasharray={stale ? '8 5' : undefined}
        />
      </g>
    );
  }
  return (
    <g style={{ transition: 'opacity 300ms' }} opacity={stale ? 0.4 : 1}>
      <linearGradient id={gradient} x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stopColor={paint('lampFill')} stopOpacity="0.62" />
        <stop offset="1" stopColor={paint('lampFill')} stopOpacity="0.04" />
      </linearGradient>
      <path
        d={`${edge}L${kerbX} ${view.footY}L${flatX} ${view.footY}z`}
        fill={`url(#${gradient})`}
      />
      <path
        d={edge}
        fill="none"
        stroke={stroke}
        strokeWidth="2.6"
        strokeDasharray={stale ? '8 5' : undefined}
      />
    </g>
  );
}
