import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { show, taken } from '../test/testing';
import { ReadingsTape } from './ReadingsTape';
import { wallWords } from '../words/page/wall';

describe('the tape of readings', () => {
  const readings = [
    taken('CENTRE', 660, { side: 'LEFT', struckBy: 'CENTRE-668', title: 'Lamp centre' }),
    taken('CENTRE', 668, { side: 'LEFT', title: 'Lamp centre', typed: '26 5/16 in' }),
  ];

  it('shows the newest first, with who and what was typed', () => {
    show(
      <ReadingsTape
        of="j"
        onUndo={() => Promise.resolve()}
        readings={readings}
        onCorrect={() => Promise.resolve()}
      />,
    );
    const [newest, oldest] = screen.getAllByRole('listitem');
    expect(newest?.textContent).toContain('668 mm');
    expect(newest?.textContent).toContain(wallWords.typedTyped({ typed: '26 5/16 in' }));
    expect(newest?.textContent).toContain('Runa');
    expect(oldest?.textContent).toContain('660');
  });

  it('keeps a struck reading readable but not to be corrected again', () => {
    show(
      <ReadingsTape
        of="j"
        onUndo={() => Promise.resolve()}
        readings={readings}
        onCorrect={() => Promise.resolve()}
      />,
    );
    const struck = screen.getAllByRole('listitem')[1];
    expect(within(struck as HTMLElement).queryByRole('button')).toBeNull();
  });

  it('corrects a reading that counts', async () => {
    const correct = vi.fn(() => Promise.resolve());
    show(
      <ReadingsTape
        of="j"
        onUndo={() => Promise.resolve()}
        readings={readings}
        onCorrect={correct}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: /668 mm.*correct/s }));
    await userEvent.click(screen.getByRole('button', { name: /Correct Lamp centre/ }));
    await userEvent.type(screen.getByRole('textbox'), '669{Enter}');
    expect(correct).toHaveBeenCalledWith(readings[1], '669', expect.any(String));
  });

  it('says what to measure first while it is empty', () => {
    show(
      <ReadingsTape
        of="j"
        onUndo={() => Promise.resolve()}
        readings={[]}
        onCorrect={() => Promise.resolve()}
      />,
    );
    expect(screen.getByText(/Start with the distance/)).toBeTruthy();
  });
});
