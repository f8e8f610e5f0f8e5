import { Box } from '@chakra-ui/react';
import { useRef } from 'react';
import type { Side, SpotEdit } from '../app/api/client';
import { useUnits } from '../app/session';
import { mmToScreenY, type View } from '../drawing/view';
import { nudgeMm, onTape } from '../entry/typed';
import { leftMmToScreenX } from './shapes';

const TARGET = 56;

/** Where a lamp is taken hold of: dragged, or nudged by the arrow keys (with Shift ten times). */
export function LampHandle({
  view,
  spot,
  side,
  label,
  onChoose,
  onMove,
}: {
  view: View;
  spot: SpotEdit;
  side: Side;
  label: string;
  onChoose: () => void;
  onMove: (change: Partial<SpotEdit>) => void;
}) {
  const units = useUnits();
  const sign = side === 'LEFT' ? 1 : -1;
  const held = useRef<{ pointer: number; x: number; y: number; from: SpotEdit } | undefined>(
    undefined,
  );
  const x = leftMmToScreenX(view, sign * spot.outMm);
  const y = mmToScreenY(view, spot.heightMm);
  const nudge = (right: number, up: number, step: number) =>
    onMove({
      outMm: spot.outMm + sign * right * step,
      heightMm: spot.heightMm + up * step,
    });
  return (
    <Box
      as="button"
      aria-label={label}
      position="absolute"
      left={`${x - TARGET / 2}px`}
      top={`${y - TARGET / 2}px`}
      w={`${TARGET}px`}
      h={`${TARGET}px`}
      borderRadius="full"
      cursor="grab"
      touchAction="none"
      onFocus={onChoose}
      onClick={onChoose}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = { pointer: event.pointerId, x: event.clientX, y: event.clientY, from: spot };
      }}
      onPointerMove={(event) => {
        const from = held.current;
        if (from?.pointer === event.pointerId) {
          const right = (event.clientX - from.x) / view.scale;
          const up = (from.y - event.clientY) / view.scale;
          if (Math.abs(right) + Math.abs(up) > 0) {
            onMove({
              outMm: onTape(from.from.outMm + sign * right, units),
              heightMm: onTape(from.from.heightMm + up, units),
            });
          }
        }
      }}
      onPointerUp={() => {
        held.current = undefined;
      }}
      onKeyDown={(event) => {
        const step = nudgeMm(units) * (event.shiftKey ? 10 : 1);
        const arrows: Record<string, [number, number]> = {
          ArrowUp: [0, 1],
          ArrowDown: [0, -1],
          ArrowRight: [1, 0],
          ArrowLeft: [-1, 0],
        };
        const arrow = arrows[event.key];
        if (arrow) {
          event.preventDefault();
          nudge(arrow[0], arrow[1], step);
        }
      }}
    />
  );
}
