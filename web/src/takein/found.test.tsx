import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Problem, type FoundEdit, type Plan } from '../api/client';
import { show, partly, differs } from '../test/testing';
import { FoundForm } from './FoundForm';
import { takeinWords } from '../words/page/takein';
import { appWords } from '../words/page/app';

const found: FoundEdit = {
  notes: [],
  minutes: {} as FoundEdit['minutes'],
  partsCost: '',
  lookBack: '',
};
const plan = partly<Plan>({
  stages: [{ stage: 'WALL', words: 'Wall', steps: [], waitsFor: [] }],
});

function form(version: number) {
  const put = vi.fn<(version: number, edit: FoundEdit) => Promise<unknown>>();
  const onDone = vi.fn();
  const element = (seen: number) => (
    <FoundForm version={seen} found={found} plan={plan} put={put} onDone={onDone} />
  );
  return { put, onDone, element, ...show(element(version)) };
}

const keep = () =>
  userEvent.click(screen.getByRole('button', { name: takeinWords.saveWhatWasFound() }));

describe('what a job found', () => {
  it('is refused with the stage’s name where minutes are no number', async () => {
    const { put } = form(2);
    await userEvent.type(screen.getByLabelText(appWords.wall()), 'an hour');
    await keep();
    expect(screen.getByRole('alert').textContent).toContain('Wall: whole minutes');
    expect(put).not.toHaveBeenCalled();
  });

  it('shows both versions where it was changed meanwhile, and overwrites only then', async () => {
    const { put, onDone } = form(2);
    const theirs = { foundVersion: 5, found: { ...found, lookBack: 'theirs' } };
    put.mockRejectedValueOnce(
      new Problem(409, 'Changed', 'version', {
        changedBy: 'Ilse',
        current: theirs,
        differences: [differs('Look back', 'theirs', 'mine')],
      }),
    );
    await userEvent.type(screen.getByLabelText(takeinWords.lookingBackLater()), 'mine');
    await keep();
    expect((await screen.findByRole('alert')).textContent).toContain(
      appWords.changedMeanwhileByChangedBy({ changedBy: 'Ilse' }),
    );
    expect(screen.getByText('theirs')).toBeTruthy();
    put.mockResolvedValueOnce('kept');
    await userEvent.click(screen.getByRole('button', { name: appWords.useMine() }));
    expect(put.mock.calls.map(([version, edit]) => [version, edit.lookBack])).toEqual([
      [2, 'mine'],
      [5, 'mine'],
    ]);
    expect(onDone).toHaveBeenCalledExactlyOnceWith();
  });
});
