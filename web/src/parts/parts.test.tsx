import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { PartEdit, PartsEdit, PlugEdit } from '../api/client';
import { show } from '../test/testing';
import { CandidatesForm } from './CandidatesForm';
import { readLight, typedLight } from './LightFields';
import { PartBench } from './PartBench';
import { checked, idFor, ticked, withIdentity, withTicks } from './parts';
import { PlugMap } from './PlugMap';
import { partsWords } from '../words/page/parts';

const lamp: PartEdit = {
  id: 'lamp',
  name: 'fog lamp',
  side: 'LEFT',
  neededFor: 'APART',
  checks: {} as PartEdit['checks'],
  outcome: 'OPEN',
  with: '',
};
const plug: PlugEdit = {
  id: 'option',
  label: 'option',
  socket: '',
  family: '',
  gender: 'MALE',
  adapter: '',
  use: 'OPTION',
  done: {} as PlugEdit['done'],
};

describe('a part on the bench', () => {
  it('turns a check from not looked at to good to wrong and back', () => {
    const once = checked(lamp, 'SIDE');
    expect(once.checks.SIDE).toBe('RIGHT');
    expect(checked(once, 'SIDE').checks.SIDE).toBe('WRONG');
    expect(checked(checked(once, 'SIDE'), 'SIDE').checks).toEqual({});
  });

  it('is found right in one go, where nothing of it is wrong', async () => {
    const asks = [
      { ask: 'HERE' as const, words: 'it is here' },
      { ask: 'SIDE' as const, words: 'for this side' },
    ];
    const onChange = vi.fn();
    const { unmount } = show(
      <PartBench part={lamp} asks={asks} onChange={onChange} onEdit={() => undefined} />,
    );
    await userEvent.click(screen.getByRole('button', { name: partsWords.allOfItIsRight() }));
    const right = { ...lamp, checks: { HERE: 'RIGHT', SIDE: 'RIGHT' }, outcome: 'FITS' };
    expect(onChange).toHaveBeenLastCalledWith(right);
    const wrong = { ...lamp, checks: { HERE: 'WRONG' } as PartEdit['checks'] };
    unmount();
    show(<PartBench part={wrong} asks={asks} onChange={onChange} onEdit={() => undefined} />);
    expect(screen.queryByRole('button', { name: partsWords.allOfItIsRight() })).toBeNull();
  });

  it('says what it adapts with, and goes back to not settled by a second press', async () => {
    const onChange = vi.fn();
    show(
      <PartBench
        part={{ ...lamp, outcome: 'ADAPTS' }}
        asks={[{ ask: 'HERE', words: 'it is here' }]}
        onChange={onChange}
        onEdit={() => undefined}
      />,
    );
    await userEvent.type(screen.getByLabelText(partsWords.adaptsWith()), 'two washers{Enter}');
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ with: 'two washers' }));
    await userEvent.click(screen.getByRole('button', { name: partsWords.adaptsWithSomething() }));
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ outcome: 'OPEN' }));
  });
});

describe('what a form says', () => {
  it('keeps what was looked at meanwhile', () => {
    const looked = checked({ ...lamp, outcome: 'FITS' }, 'SIDE');
    const { id, side, neededFor } = lamp;
    expect(withIdentity([looked], { id, side, neededFor, name: 'pod' })).toEqual({
      ...looked,
      name: 'pod',
    });
    expect(withIdentity([], { id, side, neededFor, name: 'pod' }).outcome).toBe('OPEN');
  });

  it('keeps ticks only while the plug is meant for the same', () => {
    const joined = ticked(plug, 'LEFT');
    expect(withTicks([joined], { ...plug, label: 'new' }).done).toEqual({ LEFT: 'CONNECTED' });
    expect(withTicks([joined], { ...plug, use: 'INSULATE' }).done).toEqual({});
  });
});

describe('a plug', () => {
  it('turns only through what it is meant to be', () => {
    const joined = ticked(plug, 'LEFT');
    expect(joined.done).toEqual({ LEFT: 'CONNECTED' });
    expect(ticked(joined, 'LEFT').done).toEqual({ LEFT: 'PARTED' });
    const unused = ticked({ ...plug, use: 'INSULATE' }, 'RIGHT');
    expect(unused.done).toEqual({ RIGHT: 'INSULATED' });
    expect(ticked(unused, 'RIGHT').done).toEqual({});
  });

  it('that the kit has once is ticked once', async () => {
    const onChange = vi.fn();
    const once: PlugEdit = { ...plug, use: 'CONNECT', there: 'ONCE' };
    show(
      <PlugMap
        plugs={[once]}
        onChange={onChange}
        onEdit={() => undefined}
        onAdd={() => undefined}
      />,
    );
    expect(screen.queryByRole('button', { name: /^left/ })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'once: not ticked, option' }));
    expect(onChange).toHaveBeenCalledWith({ ...once, once: 'CONNECTED' });
    expect(withTicks([ticked(once, undefined)], once).once).toBe('CONNECTED');
  });

  it('is ticked side by side on the map', async () => {
    const onChange = vi.fn();
    show(
      <PlugMap
        plugs={[plug]}
        onChange={onChange}
        onEdit={() => undefined}
        onAdd={() => undefined}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'right: not ticked, option' }));
    expect(onChange).toHaveBeenCalledWith({ ...plug, done: { RIGHT: 'CONNECTED' } });
  });
});

describe('what could be ordered', () => {
  const parts: PartsEdit = { parts: [], plugs: [], candidates: [], why: '' };

  it('is compared under an id of its own, and refused without a name', async () => {
    const onChange = vi.fn();
    show(<CandidatesForm parts={parts} onChange={onChange} />);
    await userEvent.click(screen.getByRole('button', { name: partsWords.compareThisOneToo() }));
    expect(screen.getByRole('alert').textContent).toContain('no name');
    await userEvent.type(screen.getByLabelText(partsWords.candidate()), 'Wide (glass)');
    await userEvent.click(screen.getByRole('button', { name: partsWords.compareThisOneToo() }));
    expect(onChange).toHaveBeenCalledWith({
      ...parts,
      candidates: [expect.objectContaining({ id: 'wide-glass', name: 'Wide (glass)' })],
    });
  });

  it('gives names that are alike different ids', () => {
    expect(idFor('Größe!', [])).toBe('gr-e');
    expect(idFor('a', ['a', 'a-2'])).toBe('a-3');
    expect(idFor('…', [])).toBe('one');
  });

  it('reads a colour temperature with or without its unit', () => {
    const typed = { ...typedLight(undefined), circuit: 'DRL' as const };
    expect(readLight({ ...typed, kelvin: '4300 K' })?.kelvin).toBe(4300);
    expect(() => readLight({ ...typed, kelvin: 'warm' })).toThrow('for example 4300');
    expect(readLight({ ...typed, circuit: '', kelvin: 'warm' })).toBeUndefined();
  });
});
