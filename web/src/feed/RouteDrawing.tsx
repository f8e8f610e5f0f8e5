import { useId } from 'react';
import type { FeedEdit, Vehicle } from '../app/api/client';
import { paint } from '../app/theme';
import { bodyOf, closedPath, frontCorners } from '../drawing/bodies';
import { Label } from '../drawing/Label';

type Route = FeedEdit['routes'][number];
type Hazard = FeedEdit['hazards'][number];
interface Place {
  leftMm: number;
  forwardMm: number;
  upMm: number;
}

const WIDTH = 210;
const PLAN = 110;
const GAP = 26;

/** A way seen from above with forward up, and from the front, to one scale. */
export function RouteDrawing({
  route,
  hazards,
  vehicle,
}: {
  route: Route;
  hazards: Hazard[];
  vehicle: Vehicle;
}) {
  const clip = useId();
  const body = bodyOf(vehicle);
  const places: Place[] = [...route.stops, ...hazards];
  const reach = Math.max(body.widthMm / 2, ...places.map((one) => Math.abs(one.leftMm))) + 60;
  const scale = WIDTH / (2 * reach);
  const front = Math.max(body.heightMm, ...places.map((one) => one.upMm)) * scale + 16;
  const forwards = [0, body.frontOverhangMm, ...places.map((one) => one.forwardMm)];
  const middle = (Math.max(...forwards) + Math.min(...forwards)) / 2;
  // seen from above with forward up, and from the front: the vehicle's left lies left and right
  const above = (one: Place) => ({
    x: WIDTH / 2 - one.leftMm * scale,
    y: PLAN / 2 - (one.forwardMm - middle) * scale,
  });
  const ahead = (one: Place) => ({
    x: WIDTH / 2 + one.leftMm * scale,
    y: PLAN + GAP + front - 6 - one.upMm * scale,
  });
  const corner = (leftMm: number, forwardMm: number, upMm: number) => ({ leftMm, forwardMm, upMm });
  const half = body.widthMm / 2;
  const nose = [
    corner(half, -2000, 0),
    corner(half, body.frontOverhangMm * 0.6, 0),
    corner(half * 0.7, body.frontOverhangMm, 0),
    corner(-half * 0.7, body.frontOverhangMm, 0),
    corner(-half, body.frontOverhangMm * 0.6, 0),
    corner(-half, -2000, 0),
  ].map(above);
  const outline = frontCorners(body)
    .map(([left, up]) => ahead(corner(left, 0, up)))
    .map((at) => [at.x, at.y] as const);
  const axle = above(corner(0, 0, 0)).y;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${WIDTH} ${PLAN + GAP + front + 18}`}
      role="img"
      aria-label={`${route.name}: seen from above and from the front`}
    >
      <g stroke={paint('hairline')} fill="none">
        <rect x="0.5" y="0.5" width={WIDTH - 1} height={PLAN - 1} />
        <clipPath id={clip}>
          <rect width={WIDTH} height={PLAN} />
        </clipPath>
        <polyline
          points={nose.map((at) => `${at.x},${at.y}`).join(' ')}
          stroke={paint('rule')}
          clipPath={`url(#${clip})`}
        />
        <path d={closedPath(outline)} stroke={paint('rule')} />
        <line x1="0" x2={WIDTH} y1={axle} y2={axle} strokeDasharray="8 3 2 3" />
        <line x1={WIDTH / 2} x2={WIDTH / 2} y1="0" y2={PLAN} strokeDasharray="8 3 2 3" />
        <line
          x1={WIDTH / 2}
          x2={WIDTH / 2}
          y1={PLAN + GAP}
          y2={PLAN + GAP + front}
          strokeDasharray="8 3 2 3"
        />
        <line
          x1="0"
          x2={WIDTH}
          y1={PLAN + GAP + front - 6}
          y2={PLAN + GAP + front - 6}
          stroke={paint('rule')}
        />
      </g>
      <Label x={4} y={PLAN + 15} as="scale" size={13} colour="quiet">
        from above, forward up; the level line is the front axle
      </Label>
      <Label x={4} y={PLAN + GAP + front + 12} as="scale" size={13} colour="quiet">
        from the front
      </Label>
      {[above, ahead].map((at, view) => (
        <g key={view}>
          <polyline
            points={route.stops.map((one) => `${at(one).x},${at(one).y}`).join(' ')}
            fill="none"
            stroke={paint('lamp')}
            strokeWidth="2.4"
            strokeLinejoin="round"
          />
          {route.stops.map((one, index) => (
            <circle
              key={index}
              cx={at(one).x}
              cy={at(one).y}
              r={one.passes === 'NOTHING' ? 3 : 5}
              fill={paint(one.passes === 'BARE_HOLE' ? 'out' : 'lampFill')}
              stroke={paint('ink')}
            />
          ))}
          {hazards.map((one, index) => (
            <g key={index}>
              <circle
                cx={at(one).x}
                cy={at(one).y}
                r={Math.max(4, one.clearanceMm * scale)}
                fill="none"
                stroke={paint('out')}
                strokeDasharray="3 3"
              />
              <Label x={at(one).x + 6} y={at(one).y + 4} as="scale" size={12.5} colour="quiet">
                {one.name}
              </Label>
            </g>
          ))}
        </g>
      ))}
    </svg>
  );
}
