import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { show } from '../test/testing';
import { MeasuredEntry } from './MeasuredEntry';

describe('a value typed where it is shown', () => {
  const open = async (onKeep: (typed: string, id: string) => Promise<unknown>) => {
    show(<MeasuredEntry label="Lamp centre: 668 mm" shown="668" onKeep={onKeep} />);
    await userEvent.click(screen.getByRole('button', { name: /Lamp centre/ }));
    return screen.getByRole('textbox', { name: /Lamp centre/ });
  };

  it('is stored by Enter and shown again', async () => {
    const keep = vi.fn(() => Promise.resolve());
    await userEvent.type(await open(keep), '26 5/16 in{Enter}');
    expect(keep).toHaveBeenCalledWith('26 5/16 in', expect.stringMatching(/^[0-9a-f-]{36}$/));
    await screen.findByRole('button', { name: /Lamp centre/ });
  });

  it('is left as it was by Escape, and by nothing typed', async () => {
    const keep = vi.fn(() => Promise.resolve());
    await userEvent.type(await open(keep), '70{Escape}');
    expect(keep).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: /Lamp centre/ }));
    await userEvent.type(screen.getByRole('textbox'), '{Enter}');
    expect(keep).not.toHaveBeenCalled();
  });

  it('says why it was refused, keeps what was typed, and tries again under the same id', async () => {
    const ids: string[] = [];
    let answers = 0;
    const keep = vi.fn((_typed: string, id: string) => {
      ids.push(id);
      answers += 1;
      return answers === 1
        ? Promise.reject(new Problem(0, 'The server cannot be reached.', undefined, {}))
        : Promise.resolve();
    });
    const field = await open(keep);
    await userEvent.type(field, '70{Enter}');
    expect((await screen.findByRole('alert')).textContent).toContain('cannot be reached');
    expect((screen.getByRole('textbox') as HTMLInputElement).value).toBe('70');
    await userEvent.type(screen.getByRole('textbox'), '{Enter}');
    await waitFor(() => expect(screen.queryByRole('textbox')).toBeNull());
    expect(ids[1]).toBe(ids[0]);
  });

  it('has another id for another text', async () => {
    const ids: string[] = [];
    const keep = vi.fn((_typed: string, id: string) => {
      ids.push(id);
      return Promise.reject(new Problem(422, 'Not a length.', 'typed', {}));
    });
    await userEvent.type(await open(keep), '70{Enter}');
    await screen.findByRole('alert');
    await userEvent.type(screen.getByRole('textbox'), '1{Enter}');
    await waitFor(() => expect(ids).toHaveLength(2));
    expect(ids[1]).not.toBe(ids[0]);
  });
});
