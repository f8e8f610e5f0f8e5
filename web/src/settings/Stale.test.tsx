import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { show } from '../test/testing';
import { conflictOf } from '../kept/conflict';
import { VersionedForm } from './VersionedForm';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';

const stale = () =>
  new Problem(409, 'Changed meanwhile by Marten.', 'version', {
    changedBy: 'Marten',
    current: { version: 5, work: 'theirs', frontClosed: true },
  });

describe('an edit on a row that somebody changed', () => {
  it('is told from other refusals', () => {
    expect(conflictOf(stale())?.changedBy).toBe('Marten');
    expect(conflictOf(new Problem(409, 'Another reading', 'id', {}))).toBeUndefined();
    expect(conflictOf(new Problem(422, 'No', undefined, {}))).toBeUndefined();
    expect(conflictOf(new Error('no'))).toBeUndefined();
  });

  it('shows both versions and stores mine on the current one', async () => {
    const put = vi
      .fn<(edit: { version: number; work: string; frontClosed: boolean }) => Promise<'kept'>>()
      .mockRejectedValueOnce(stale())
      .mockResolvedValueOnce('kept');
    show(
      <VersionedForm
        edit={{ version: 3, work: 'mine', frontClosed: true }}
        put={put}
        onTheirs={() => undefined}
      >
        <span />
      </VersionedForm>,
    );
    await userEvent.click(screen.getByRole('button', { name: appWords.save() }));
    const choice = await screen.findByRole('alert');
    expect(choice.textContent).toContain(
      appWords.changedMeanwhileByChangedBy({ changedBy: 'Marten' }),
    );
    expect(choice.textContent).toContain('theirs');
    expect(choice.textContent).toContain('mine');
    expect(choice.textContent).not.toContain('Front closed');
    await userEvent.click(screen.getByRole('button', { name: appWords.useMine() }));
    expect(put.mock.lastCall?.[0]).toEqual({ version: 5, work: 'mine', frontClosed: true });
    expect(await screen.findByText(settingsWords.saved())).toBeTruthy();
  });

  it('takes nothing more while it is being kept', async () => {
    let arrive: (how: 'kept') => void = () => undefined;
    show(
      <VersionedForm
        edit={{ version: 3 }}
        put={() => new Promise<'kept'>((resolve) => (arrive = resolve))}
        onTheirs={() => undefined}
      >
        <input aria-label="Work" />
      </VersionedForm>,
    );
    const work = screen.getByRole('textbox');
    await userEvent.type(work, 'lamps{Enter}');
    await vi.waitFor(() => expect(work.matches(':disabled')).toBe(true));
    arrive('kept');
    await screen.findByText(settingsWords.saved());
    expect(work.matches(':disabled')).toBe(false);
  });

  it('gives way to theirs', async () => {
    const theirs = vi.fn();
    show(
      <VersionedForm
        edit={{ version: 3, work: 'mine' }}
        put={() => Promise.reject(stale())}
        onTheirs={theirs}
      >
        <span />
      </VersionedForm>,
    );
    await userEvent.click(screen.getByRole('button', { name: appWords.save() }));
    await userEvent.click(await screen.findByRole('button', { name: appWords.keepTheirs() }));
    expect(theirs).toHaveBeenCalledOnce();
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
