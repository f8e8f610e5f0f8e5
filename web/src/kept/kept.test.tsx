import { act, renderHook, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { accepted, answering, differs, JOB, partly, show } from '../test/testing';
import type { LastChange, PartsEdit } from '../api/client';
import { KeptBand } from './KeptBand';
import { outbox } from './outbox';
import { UndoChange } from './UndoChange';
import { useKept, type Kept, type Keeping } from './useKept';
import { keptWords } from '../words/page/kept';
import { workshopWords } from '../words/page/workshop';
import { appWords } from '../words/page/app';

const decided = (words: string) => partly<PartsEdit>({ why: words });
const at = (version: number, words: string): Kept<PartsEdit> => ({
  version,
  content: decided(words),
});

type Answer = { status: number; body: Record<string, unknown> } | 'lost';

/** A server that answers when told to. */
function held() {
  const waiting: ((answer: Answer) => void)[] = [];
  const puts: unknown[] = [];
  answering('PUT', (_: string, { body }: { body: unknown }) => {
    puts.push(body);
    return new Promise((resolve, reject) =>
      waiting.push((answer) =>
        answer === 'lost'
          ? reject(new TypeError('no network'))
          : resolve({
              ...(answer.status < 300 ? { data: answer.body } : { error: answer.body }),
              response: new Response(null, { status: answer.status }),
            }),
      ),
    );
  });
  const answer = (with_: Answer) => act(async () => waiting.shift()?.(with_));
  const kept = (version: number) => answer({ status: 200, body: { version } });
  const hook = renderHook(({ server }) => useKept<PartsEdit>('parts', 'j', server), {
    initialProps: { server: at(3, 'theirs') },
  });
  /** The page looks again and sees what the server has by now. */
  const polled = (server: Kept<PartsEdit>) => hook.rerender({ server });
  const change = (words: string) => act(() => hook.result.current.change(decided(words)));
  return { puts, answer, kept, polled, change, ...hook };
}

const put = (version: number, words: string) => ({ version, parts: { why: words } });

describe('a document kept at each change', () => {
  it('sends one change at a time and then only the latest, on the fresh version', async () => {
    const { puts, kept, change, result } = held();
    change('a');
    change('ab');
    change('abc');
    expect(puts).toEqual([put(3, 'a')]);
    expect(result.current.content).toEqual(decided('abc'));
    await kept(4);
    await waitFor(() => expect(puts).toEqual([put(3, 'a'), put(4, 'abc')]));
    await kept(5);
    await waitFor(() => expect(result.current.waits).toBe(false));
  });

  it('waits for the network in the browser, on the version that it was made on', async () => {
    const { puts, answer, polled, change, result, unmount } = held();
    change('mine');
    await answer('lost');
    await waitFor(() => expect(result.current.away).toBe(true));
    polled(at(8, 'Ilse’s'));
    expect(result.current.content).toEqual(decided('mine'));
    unmount();
    const again = renderHook(() => useKept<PartsEdit>('parts', 'j', at(8, 'Ilse’s')));
    expect(again.result.current.content).toEqual(decided('mine'));
    act(() => void outbox.flush());
    expect(puts.at(-1)).toEqual(put(3, 'mine'));
  });

  it('starts from what it saw last while nothing waits', () => {
    const { puts, polled, change, result } = held();
    polled(at(8, 'Ilse’s'));
    expect(result.current.content).toEqual(decided('Ilse’s'));
    change('mine');
    expect(puts).toEqual([put(8, 'mine')]);
  });

  it('overwrites somebody else’s version only when told to, and holds up nothing else', async () => {
    const { puts, answer, change, result } = held();
    change('mine');
    change('mine too');
    const current = { version: 9 };
    await answer({ status: 409, body: { changedBy: 'Ilse', current } });
    await waitFor(() => expect(result.current.conflict?.changedBy).toBe('Ilse'));
    expect(puts).toEqual([put(3, 'mine')]);
    change('and more');
    expect(puts).toHaveLength(1);
    outbox.save({
      of: 'j',
      path: '/other',
      params: {},
      body: {},
      page: [],
      document: 'o',
      words: '',
    });
    expect(puts).toHaveLength(2);
    await answer({ status: 200, body: {} });
    act(() => result.current.insist(9));
    await waitFor(() => expect(puts.at(-1)).toEqual(put(9, 'and more')));
  });

  it('says why it was refused, and is tried again or dropped', async () => {
    const { puts, answer, change, result } = held();
    change('mine');
    await answer({ status: 422, body: { detail: 'The name is missing.' } });
    await waitFor(() => expect(result.current.refused).toBe('The name is missing.'));
    act(() => result.current.again());
    expect(puts).toHaveLength(2);
    await answer({ status: 422, body: { detail: 'The name is missing.' } });
    act(() => result.current.drop());
    expect(result.current.content).toEqual(decided('theirs'));
  });
});

describe('the band of such a document', () => {
  function band(how: Partial<Keeping>) {
    const kept: Keeping = {
      waits: true,
      away: false,
      refused: undefined,
      conflict: undefined,
      again: vi.fn(),
      insist: vi.fn(),
      drop: vi.fn(),
      ...how,
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

  it('lets go of what is refused for good, or tries it again', async () => {
    const kept = band({ refused: 'The job was handed over and is closed.' });
    expect(screen.getByRole('alert').textContent).toContain('is closed');
    await userEvent.click(screen.getByRole('button', { name: keptWords.dropIt() }));
    expect(kept.drop).toHaveBeenCalledOnce();
    await userEvent.click(screen.getByRole('button', { name: keptWords.saveAgain() }));
    expect(kept.again).toHaveBeenCalledOnce();
  });

  it('says that it waits for the network, and goes on', () => {
    band({ away: true });
    expect(screen.getByRole('status').textContent).toContain(keptWords.changesWaitForTheNetwork());
    expect(screen.queryByRole('button', { name: keptWords.dropIt() })).toBeNull();
    expect(screen.getByText(workshopWords.next())).toBeTruthy();
  });
});

describe('undoing the last change', () => {
  function undoing({ job = JOB, isChanged = false } = {}) {
    const last: LastChange = {
      version: 7,
      by: 'Ilse',
      at: '2026-11-25T10:59:00Z',
      before: { ...decided('outline matches') },
      differences: [differs('reason', 'outline matches', 'cheaper')],
    };
    answering('GET', () => Promise.resolve(accepted(last)));
    const kept = { waits: false, change: vi.fn() };
    show(<UndoChange stage="PARTS" job={job} kept={kept} isChanged={isChanged} />);
    return kept;
  }

  it('shows what changes back, and by whom it was changed, before it is done', async () => {
    const kept = undoing();
    await userEvent.click(screen.getByRole('button', { name: /^Undo/ }));
    const dialog = await screen.findByRole('dialog');
    await waitFor(() => expect(dialog.textContent).toContain('cheaper'));
    expect(dialog.textContent).toContain('Ilse');
    expect(kept.change).not.toHaveBeenCalled();
    await userEvent.click(within(dialog).getByRole('button', { name: appWords.undo() }));
    expect(kept.change).toHaveBeenCalledExactlyOnceWith(decided('outline matches'), 7);
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });

  it('waits for what is not saved yet', async () => {
    undoing({ isChanged: true });
    await userEvent.keyboard('z');
    const dialog = await screen.findByRole('dialog');
    expect(dialog.textContent).toContain(keptWords.notSavedYet());
    expect(within(dialog).queryByRole('button', { name: appWords.undo() })).toBeNull();
  });

  it('is not offered in a job that was handed over', async () => {
    undoing({ job: { ...JOB, closedAt: '2026-11-26T15:00:00Z' } });
    expect(screen.queryByRole('button')).toBeNull();
    await userEvent.keyboard('?');
    expect((await screen.findByRole('dialog')).textContent).not.toContain(appWords.undo());
  });
});
