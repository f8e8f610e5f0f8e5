import { fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useDrag } from './useDrag';

const dragged = vi.fn();
const done = vi.fn();

function Handle() {
  const grip = useDrag((from: string, by) => dragged(from, by), done);
  return <button {...grip('here')}>handle</button>;
}

describe('dragging', () => {
  const at = (x: number, y: number, pointerId = 1) => ({ pointerId, clientX: x, clientY: y });
  let handle: HTMLElement;
  beforeEach(() => {
    vi.clearAllMocks();
    HTMLElement.prototype.setPointerCapture = vi.fn();
    render(<Handle />);
    handle = screen.getByText('handle');
    fireEvent.pointerDown(handle, at(100, 100));
  });

  it('begins beyond a tremble, and then follows back as well', () => {
    fireEvent.pointerMove(handle, at(101, 101));
    expect(dragged).not.toHaveBeenCalled();
    fireEvent.pointerMove(handle, at(110, 90));
    fireEvent.pointerMove(handle, at(100, 100));
    expect(dragged.mock.calls).toEqual([
      ['here', { right: 10, down: -10 }],
      ['here', { right: 0, down: 0 }],
    ]);
  });

  it('is done when its own pointer lets go or is taken away', () => {
    fireEvent.pointerMove(handle, at(110, 90));
    fireEvent.pointerMove(handle, at(500, 500, 2));
    fireEvent.pointerUp(handle, at(500, 500, 2));
    expect(dragged).toHaveBeenCalledTimes(1);
    expect(done).not.toHaveBeenCalled();
    fireEvent.pointerCancel(handle, at(110, 90));
    expect(done).toHaveBeenCalledTimes(1);
    fireEvent.pointerMove(handle, at(300, 300));
    expect(dragged).toHaveBeenCalledTimes(1);
  });

  it('is none where somebody only presses', () => {
    fireEvent.pointerUp(handle, at(100, 100));
    expect(done).not.toHaveBeenCalled();
  });
});
