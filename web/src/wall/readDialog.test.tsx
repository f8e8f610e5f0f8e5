import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { type JobPage, type ReadingEdit } from '../api/client';
import { answering, length, sentence, show, partly, press } from '../test/testing';
import { outbox } from '../kept/outbox';
import { ReadDialog } from './ReadDialog';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

const screw = { id: 's1', side: 'LEFT', lamp: 'DIPPED', axis: 'VERTICAL' } as const;
const page = partly<JobPage>({
  job: { id: 'j' },
  adjusters: [screw, { ...screw, id: 's2', side: 'RIGHT' }],
  sheet: {
    pairs: [
      {
        kind: 'DIPPED',
        left: {
          correction: {
            adjusterId: 's1',
            turns: { ...length(0), value: -1.5 },
            says: sentence('1 1/2 turns anticlockwise'),
          },
        },
        right: {},
      },
    ],
  },
});

/** The readings that were kept, each with its id; the given one is not answered. */
function keeps(failing?: number) {
  const sent: { id: string; edit: ReadingEdit }[] = [];
  const put = (_path: string, asked: { params: { path: { id: string } }; body: ReadingEdit }) => {
    sent.push({ id: asked.params.path.id, edit: asked.body });
    return sent.length === failing
      ? Promise.reject(new TypeError('failed'))
      : Promise.resolve({ data: page, response: new Response(null, { status: 200 }) });
  };
  answering('PUT', put);
  return sent;
}

function dialog(side: 'LEFT' | 'RIGHT', turned: boolean) {
  const close = vi.fn();
  show(<ReadDialog page={page} task={{ lamp: 'DIPPED', side, turned }} close={close} />);
  return close;
}

const fill = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const keep = () => press(appWords.save());

afterEach(() => vi.restoreAllMocks());

describe('a lamp that is read', () => {
  it('is read laden too, by itself', async () => {
    const sent = keeps();
    dialog('LEFT', false);
    fill('Cutoff below, laden', '70');
    await keep();
    expect(sent.map(({ edit }) => [edit.kind, edit.typed])).toEqual([['CUTOFF_LADEN', '70']]);
  });

  it('is asked for its bright spot where it has no cutoff', () => {
    show(
      <ReadDialog
        page={page}
        task={{ lamp: 'DRIVING', side: 'LEFT', turned: false }}
        close={() => undefined}
      />,
    );
    expect(screen.getByText(/^Centre of the bright spot below/)).toBeTruthy();
    expect(screen.queryByLabelText(wallWords.cutoffBelowLaden())).toBeNull();
  });

  it('starts from the turn that was advised, and keeps the turn before the cutoff', async () => {
    const sent = keeps();
    const close = dialog('LEFT', true);
    expect(screen.getByLabelText<HTMLInputElement>(wallWords.turned()).value).toBe(
      '1 1/2 anticlockwise',
    );
    fill('Cutoff below', '58');
    await keep();
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(sent.map(({ edit }) => [edit.kind, edit.typed, edit.side])).toEqual([
      ['TURN', '1 1/2 anticlockwise', 'LEFT'],
      ['CUTOFF_BELOW', '58', 'LEFT'],
    ]);
    expect(sent[0]?.edit.adjusterId).toBe('s1');
  });

  it('goes out once and in order after the line was cut', async () => {
    const sent = keeps(2);
    const close = dialog('LEFT', true);
    fill('Cutoff below', '58');
    await keep();
    await waitFor(() => expect(close).toHaveBeenCalled());
    await act(async () => outbox.flush());
    await waitFor(() => expect(outbox.all()).toEqual([]));
    expect(sent.map(({ edit }) => edit.kind)).toEqual(['TURN', 'CUTOFF_BELOW', 'CUTOFF_BELOW']);
    expect(new Set(sent.map(({ id }) => id)).size).toBe(2);
  });

  it('notes no turn where none was made', async () => {
    const sent = keeps();
    const close = dialog('RIGHT', false);
    fill('Cutoff below', '18');
    await keep();
    await waitFor(() => expect(close).toHaveBeenCalled());
    expect(sent.map(({ edit }) => edit.kind)).toEqual(['CUTOFF_BELOW']);
  });
});
