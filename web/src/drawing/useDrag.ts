import { useRef, type PointerEvent } from 'react';

/** A press with a glove trembles by so much; only what goes farther drags. */
const TREMBLE_PX = 2;

interface Held<T> {
  pointer: number;
  x: number;
  y: number;
  from: T;
  moves: boolean;
}

/** How far the pointer went since it took hold, in pixels of the screen. */
export interface Dragged {
  right: number;
  down: number;
}

/**
 * Dragging, the same for whatever is dragged: one pointer holds one thing until it lets go, wherever
 * it goes meanwhile. Gives what to hang on a handle, which says what it is dragged from.
 *
 * @param onDrag told what the handle was dragged from, and how far
 * @param onDone told once the pointer lets go of what it dragged; a press alone is no dragging
 */
export function useDrag<T, E extends Element = HTMLElement>(
  onDrag: (from: T, by: Dragged, event: PointerEvent<E>) => void,
  onDone: () => void = () => undefined,
) {
  const held = useRef<Held<T> | undefined>(undefined);
  const letGo = (event: PointerEvent<E>) => {
    const hold = held.current;
    if (hold?.pointer === event.pointerId) {
      held.current = undefined;
      if (hold.moves) {
        onDone();
      }
    }
  };
  return (from: T) => ({
    onPointerDown: (event: PointerEvent<E>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      const { pointerId: pointer, clientX: x, clientY: y } = event;
      held.current = { pointer, x, y, from, moves: false };
    },
    onPointerMove: (event: PointerEvent<E>) => {
      const hold = held.current;
      if (hold?.pointer !== event.pointerId) {
        return;
      }
      const by = { right: event.clientX - hold.x, down: event.clientY - hold.y };
      hold.moves ||= Math.hypot(by.right, by.down) > TREMBLE_PX;
      if (hold.moves) {
        onDrag(hold.from, by, event);
      }
    },
    onPointerUp: letGo,
    onPointerCancel: letGo,
  });
}
