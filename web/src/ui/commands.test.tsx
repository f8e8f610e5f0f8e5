import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../test/testing';
import { useCommand } from './commands';
import { appWords } from '../words/page/app';

function Shortcut({ letter, run }: { letter: string; run: () => void }) {
  useCommand(letter, `Do ${letter}`, run);
  return null;
}

describe('keys', () => {
  it('do what they say, but not while something is typed', async () => {
    const run = vi.fn();
    show(
      <>
        <Shortcut letter="m" run={run} />
        <input aria-label="field" />
      </>,
    );
    await userEvent.keyboard('m');
    expect(run).toHaveBeenCalledTimes(1);
    await userEvent.type(screen.getByLabelText('field'), 'mmm');
    expect(run).toHaveBeenCalledTimes(1);
  });

  it('leave Space to the control that has the focus', async () => {
    const back = vi.fn();
    const press = vi.fn();
    show(
      <>
        <Shortcut letter=" " run={back} />
        <button onClick={press}>press</button>
      </>,
    );
    screen.getByText('press').focus();
    await userEvent.keyboard(' ');
    expect(press).toHaveBeenCalledTimes(1);
    expect(back).not.toHaveBeenCalled();
  });

  it('that are held down record nothing again, and arrows go on', () => {
    const run = vi.fn();
    const nudge = vi.fn();
    show(
      <>
        <Shortcut letter="m" run={run} />
        <Shortcut letter="ArrowUp" run={nudge} />
      </>,
    );
    for (const repeat of [false, true, true]) {
      fireEvent.keyDown(window, { key: 'm', repeat });
      fireEvent.keyDown(window, { key: 'ArrowUp', repeat });
    }
    expect(run).toHaveBeenCalledTimes(1);
    expect(nudge).toHaveBeenCalledTimes(3);
  });

  it('are forgotten when what offered them is gone', async () => {
    const run = vi.fn();
    const { unmount } = show(<Shortcut letter="m" run={run} />);
    unmount();
    await userEvent.keyboard('m');
    expect(run).not.toHaveBeenCalled();
  });

  it('are all in one list, found by their words', async () => {
    const run = vi.fn();
    show(
      <>
        <Shortcut letter="m" run={run} />
        <Shortcut letter="c" run={() => undefined} />
      </>,
    );
    await userEvent.keyboard('?');
    await userEvent.type(await screen.findByLabelText(appWords.findACommand()), 'do m{Enter}');
    expect(run).toHaveBeenCalledTimes(1);
  });
});
