import { Box, Flex } from '@chakra-ui/react';
import { useId, useState, type ReactNode } from 'react';
import type { Vehicle } from '../api/client';
import { paint } from '../ui/theme';
import { bodyOf, closedPath, frontCorners, type Body } from '../drawing/bodies';
import { Label } from '../drawing/Label';
import { useDrag } from '../drawing/useDrag';
import {
  frameOf,
  FROM_ABOVE,
  FROM_AHEAD,
  VIEW,
  type Hazard,
  type Route,
  type RouteFrame,
  type RouteView,
  type Stop,
} from './routeFrame';
import { feedWords } from '../words/page/feed';

/** A way seen from above and from the front, to one scale; its stops can be dragged in either. */
export function RouteDrawing({
  route,
  hazards,
  vehicle,
  onMove,
}: {
  route: Route;
  hazards: readonly Hazard[];
  vehicle: Vehicle;
  onMove: (index: number, stop: Stop) => void;
}) {
  const [held, setHeld] = useState<{ index: number; stop: Stop }>();
  const body = bodyOf(vehicle);
  // of the way as it was kept: nothing runs away from under the finger
  const frame = frameOf(body, route, hazards);
  const stops = route.stops.map((one, index) => (held?.index === index ? held.stop : one));
  const view = (of: RouteView, vehicleLines: ReactNode) => (
    <Box flex="1" minW="240px" maxW="420px">
      <OneView
        name={route.name}
        view={of}
        frame={frame}
        stops={stops}
        hazards={hazards}
        onDrag={(index, stop) => setHeld({ index, stop })}
        onDone={() => {
          setHeld(undefined);
          if (held) {
            onMove(held.index, held.stop);
          }
        }}
      >
        {vehicleLines}
      </OneView>
    </Box>
  );
  return (
    <Flex gap="14px" wrap="wrap" pt="8px">
      {view(FROM_ABOVE, <Nose body={body} frame={frame} />)}
      {view(FROM_AHEAD, <Front body={body} frame={frame} />)}
    </Flex>
  );
}

function OneView({
  name,
  view,
  frame,
  stops,
  hazards,
  onDrag,
  onDone,
  children,
}: {
  name: string;
  view: RouteView;
  frame: RouteFrame;
  stops: readonly Stop[];
  hazards: readonly Hazard[];
  onDrag: (index: number, stop: Stop) => void;
  onDone: () => void;
  children: ReactNode;
}) {
  const clip = useId();
  const { width, height } = VIEW;
  const grip = useDrag<{ index: number; stop: Stop }, SVGElement>(({ index, stop }, by, event) => {
    const shown = event.currentTarget.ownerSVGElement?.getBoundingClientRect().width;
    const perPixel = width / (shown || width);
    const moved = view.moved(frame, stop, by.right * perPixel, by.down * perPixel);
    onDrag(index, { ...stop, ...moved });
  }, onDone);
  const [left, middle, right] = view.words;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${width} ${height + 18}`}
      role="img"
      aria-label={`${name}: ${middle}`}
    >
      <clipPath id={clip}>
        <rect width={width} height={height} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <g stroke={paint('hairline')} fill="none">
          {children}
          <line x1={width / 2} x2={width / 2} y1="0" y2={height} strokeDasharray="8 3 2 3" />
        </g>
        {hazards.map((one, index) => {
          const [x, y] = view.at(frame, one);
          const end = x > width / 2;
          return (
            <g key={index}>
              <circle
                cx={x}
                cy={y}
                r={Math.max(4, one.clearanceMm * frame.scale)}
                fill="none"
                stroke={paint('out')}
                strokeDasharray="3 3"
              />
              <Label
                x={end ? x - 6 : x + 6}
                y={y + 4}
                as="scale"
                size={13}
                colour="quiet"
                anchor={end ? 'end' : 'start'}
              >
                {one.name}
              </Label>
            </g>
          );
        })}
        <polyline
          points={stops.map((one) => view.at(frame, one).join(',')).join(' ')}
          fill="none"
          stroke={paint('lamp')}
          strokeWidth="2.4"
          strokeLinejoin="round"
        />
        {stops.map((one, index) => {
          const [x, y] = view.at(frame, one);
          return (
            <g key={index}>
              <circle
                cx={x}
                cy={y}
                r={one.passes === 'NOTHING' ? 3.5 : 5.5}
                fill={paint(one.passes === 'BARE_HOLE' ? 'out' : 'lampFill')}
                stroke={paint('ink')}
              />
              <circle
                data-stop={index + 1}
                cx={x}
                cy={y}
                r="22"
                fill="transparent"
                style={{ cursor: 'grab', touchAction: 'none' }}
                {...grip({ index, stop: one })}
              />
            </g>
          );
        })}
      </g>
      <rect
        x="0.5"
        y="0.5"
        width={width - 1}
        height={height - 1}
        fill="none"
        stroke={paint('hairline')}
      />
      <Label x={2} y={height + 14} as="scale" size={13} colour="quiet">
        {left}
      </Label>
      <Label x={width / 2} y={height + 14} as="scale" size={13} colour="quiet" anchor="middle">
        {middle}
      </Label>
      <Label x={width - 2} y={height + 14} as="scale" size={13} colour="quiet" anchor="end">
        {right}
      </Label>
    </svg>
  );
}

/** The vehicle's nose from above, and its front axle. */
function Nose({ body, frame }: { body: Body; frame: RouteFrame }) {
  const half = body.widthMm / 2;
  const ahead = body.frontOverhangMm;
  const corners = [
    [half, -3000],
    [half, ahead * 0.6],
    [half * 0.7, ahead],
    [-half * 0.7, ahead],
    [-half, ahead * 0.6],
    [-half, -3000],
  ] as const;
  const [, axle] = FROM_ABOVE.at(frame, { leftMm: 0, forwardMm: 0, upMm: 0 });
  return (
    <>
      <polyline
        points={corners
          .map(([leftMm, forwardMm]) =>
            FROM_ABOVE.at(frame, { leftMm, forwardMm, upMm: 0 }).join(','),
          )
          .join(' ')}
        stroke={paint('rule')}
      />
      <line x1="0" x2={VIEW.width} y1={axle} y2={axle} strokeDasharray="8 3 2 3" />
      <g stroke="none">
        <Label x={4} y={axle - 4} as="scale" size={13} colour="quiet">
          {feedWords.frontAxle()}
        </Label>
      </g>
    </>
  );
}

/** The vehicle from the front, and the ground it stands on. */
function Front({ body, frame }: { body: Body; frame: RouteFrame }) {
  const outline = frontCorners(body).map(([leftMm, upMm]) =>
    FROM_AHEAD.at(frame, { leftMm, forwardMm: 0, upMm }),
  );
  return (
    <g stroke={paint('rule')}>
      <path d={closedPath(outline)} />
      <line x1="0" x2={VIEW.width} y1={VIEW.floor} y2={VIEW.floor} />
    </g>
  );
}
