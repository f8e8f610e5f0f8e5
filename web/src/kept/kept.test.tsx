import { act, renderHook, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../app/api/client';
import { show } from '../test/testing';
import { KeptBand } from './KeptBand';
import { useKept, type Kept } from './useKept';

type Doc = { words: string };
const at = (version: number, words: string): Kept<Doc> => ({ version, content: { words } });

/** A server that answers when told to. */
function held() {
  const waiting: ((answer: Kept<Doc> | Error) => void)[] = [];
  const put = vi.fn<(version: number, content: Doc) => Promise<Kept<Doc>>>(
    () =>
      new Promise((resolve, reject) =>
        waiting.push((answer) => (answer instanceof Error ? reject(answer) : resolve(answer))),
      ),
  );
  const answer = (with_: Kept<Doc> | Error) => act(async () => waiting.shift()?.(with_));
  const hook = renderHook(({ server }) => useKept(server, put), {
    initialProps: { server: at(3, 'theirs') },
  });
  /** The page looks again and sees what the server has by now. */
  const polled = (server: Kept<Doc>) => hook.rerender({ server });
  return { put, answer, polled, ...hook };
}

describe('a document kept at each change', () => {
  it('sends one change at a time and then only the latest, on the fresh version', async () => {
    const { put, answer, result } = held();
    act(() => result.current.change({ words: 'a' }));
    act(() => result.current.change({ words: 'ab' }));
    act(() => result.current.change({ words: 'abc' }));
    expect(put.mock.calls).toEqual([[3, { words: 'a' }]]);
    expect(result.current.content.words).toBe('abc');
    await answer(at(4, 'a'));
    await waitFor(() => expect(put).toHaveBeenLastCalledWith(4, { words: 'abc' }));
    expect(put).toHaveBeenCalledTimes(2);
    await answer(at(5, 'abc'));
    await waitFor(() => expect(result.current.waits).toBe(false));
  });

  it('keeps on the page what could not be kept, and sends it again when asked', async () => {
    const { put, answer, result } = held();
    act(() => result.current.change({ words: 'mine' }));
    await answer(new Problem(0, 'The server cannot be reached.', undefined, {}));
    await waitFor(() => expect(result.current.error?.message).toContain('cannot be reached'));
    expect(result.current.content.words).toBe('mine');
    act(() => result.current.again());
    expect(put).toHaveBeenLastCalledWith(3, { words: 'mine' });
  });

  it('does not take a version it sees meanwhile for the one its draft was made on', async () => {
    const { put, answer, polled, result } = held();
    act(() => result.current.change({ words: 'mine' }));
    await answer(new Problem(0, 'The server cannot be reached.', undefined, {}));
    await waitFor(() => expect(result.current.error).toBeDefined());
    polled(at(8, 'Ilse’s'));
    expect(result.current.content.words).toBe('mine');
    act(() => result.current.again());
    expect(put).toHaveBeenLastCalledWith(3, { words: 'mine' });
  });

  it('starts from what it saw last while nothing waits', () => {
    const { put, polled, result } = held();
    polled(at(8, 'Ilse’s'));
    expect(result.current.content.words).toBe('Ilse’s');
    act(() => result.current.change({ words: 'mine' }));
    expect(put).toHaveBeenLastCalledWith(8, { words: 'mine' });
  });

  it('overwrites somebody else’s version only when told to', async () => {
    const { put, answer, result } = held();
    act(() => result.current.change({ words: 'mine' }));
    const current = { version: 9 };
    await answer(new Problem(409, 'Changed', 'version', { changedBy: 'Ilse', current }));
    await waitFor(() => expect(result.current.conflict?.changedBy).toBe('Ilse'));
    expect(put).toHaveBeenCalledTimes(1);
    act(() => result.current.insist(9));
    expect(put).toHaveBeenLastCalledWith(9, { words: 'mine' });
  });
});

describe('the band of such a document', () => {
  function band(error: Error) {
    const kept = {
      error,
      conflict: undefined,
      again: vi.fn(),
      insist: vi.fn(),
      drop: vi.fn(),
    };
    show(
      <KeptBand
        findings={[]}
        kept={kept}
        onSeeBoth={vi.fn()}
        onDropped={vi.fn()}
        theirVersion={() => 9}
        onAsk={vi.fn()}
      >
        next
      </KeptBand>,
    );
    return kept;
  }

  it.each([
    [409, 'The job was handed over and is closed.'],
    [422, 'The name is missing.'],
  ])('lets go of what is refused for good (%i)', async (status, words) => {
    const kept = band(new Problem(status, words, undefined, {}));
    expect(screen.getByRole('alert').textContent).toContain(words);
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(kept.drop).toHaveBeenCalledOnce();
  });

  it.each([0, 503])('holds on to what only waits (%i)', async (status) => {
    const kept = band(new Problem(status, 'The server cannot be reached.', undefined, {}));
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Save again' }));
    expect(kept.again).toHaveBeenCalledOnce();
    expect(screen.queryByText('next')).toBeNull();
  });
});
