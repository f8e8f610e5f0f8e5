import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { photo, show } from '../test/testing';
import { MarkHandles } from './MarkHandles';
import { fitPicture, pairOf, shareAt, untouched } from './photos';
import { photosWords } from '../words/page/photos';

describe('a picture in its box', () => {
  it.each([
    [{ width: 800, height: 800 }, 0.5, 0, 150],
    [{ width: 1000, height: 250 }, 0.25, 300, 0],
  ])('is shown whole and in the middle of %o', (box, scale, left, top) => {
    expect(fitPicture(photo('a'), box)).toEqual({ scale, left, top });
  });

  it('knows its own points, and none outside it', () => {
    const fit = fitPicture(photo('a'), { width: 800, height: 800 });
    expect(shareAt(fit, photo('a'), 400, 400)).toEqual([0.5, 0.5]);
    expect(shareAt(fit, photo('a'), 200, 10)).toEqual([0.25, 0]);
  });
});

describe('the photos held against each other', () => {
  it('are the last before and the last after that are not put aside', () => {
    const photos = [
      photo('old'),
      photo('before'),
      photo('after', { moment: 'AFTER' }),
      photo('bad', { moment: 'AFTER', putAside: true }),
      photo('way', { moment: 'OTHER' }),
    ];
    expect(pairOf(photos).before?.id).toBe('before');
    expect(pairOf(photos).after?.id).toBe('after');
    expect(pairOf([]).after).toBeUndefined();
  });
});

describe('a note that meets another’s', () => {
  it('is made again only where they touched something else', () => {
    const shown = photo('a');
    const theirs = photo('a', { shows: 'theirs', version: 2 });
    expect(untouched({ focusLocked: true }, shown, theirs)).toBe(true);
    expect(untouched({ shows: 'mine' }, shown, theirs)).toBe(false);
    const marked = photo('a', { marks: { leftX: 0, leftY: 0, rightX: 1, rightY: 0 } });
    expect(untouched({ marks: undefined }, marked, { ...marked, version: 2 })).toBe(true);
  });
});

describe('a tape mark', () => {
  it('is nudged by the arrows and stays on the picture', () => {
    const onDone = vi.fn();
    const marks = { leftX: 0.3, leftY: 0.0005, rightX: 0.7, rightY: 0.5 };
    show(
      <MarkHandles
        photo={photo('a')}
        marks={marks}
        fit={{ scale: 0.5, left: 0, top: 0 }}
        onMove={() => undefined}
        onDone={onDone}
      />,
    );
    const left = screen.getByRole('button', {
      name: photosWords.endTapeMarkArrowKeysMove({ end: 'left' }),
    });
    fireEvent.keyDown(left, { key: 'ArrowUp' });
    expect(onDone).toHaveBeenLastCalledWith({ ...marks, leftY: 0 });
    fireEvent.keyDown(left, { key: 'ArrowRight', shiftKey: true });
    expect(onDone).toHaveBeenLastCalledWith({ ...marks, leftX: 0.31 });
    fireEvent.keyDown(left, { key: 'a' });
    expect(onDone).toHaveBeenCalledTimes(2);
  });
});
