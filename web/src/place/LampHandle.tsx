import { Box } from '@chakra-ui/react';
import type { Side, SpotEdit } from '../api/client';
import { useUnits } from '../ui/session';
import { useDrag } from '../drawing/useDrag';
import { mmToScreenY, type View } from '../drawing/view';
import { nudgeMm, onTape } from '../entry/typed';
import { leftMmToScreenX } from '../vehicle/shapes';

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
  const grip = useDrag((from: SpotEdit, { right, down }) =>
    onMove({
      outMm: onTape(from.outMm + (sign * right) / view.scale, units),
      heightMm: onTape(from.heightMm - down / view.scale, units),
    }),
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
      {...grip(spot)}
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
