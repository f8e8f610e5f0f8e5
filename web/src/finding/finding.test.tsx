import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Horizon } from '../api/client';
import { bareText, figureText, sentenceText } from '../ui/session';
import { finding, length, mark, openPage, sentence, show } from '../test/testing';
import { HorizonStrip } from './HorizonStrip';
import { SentenceText } from './SentenceText';
import { TaskButton } from './TaskButton';
import { VERDICT_WORD, VerdictShape } from './VerdictShape';
import { WorkingDialog } from './Working';
import { appWords } from '../words/page/app';
import { findingWords } from '../words/page/finding';

describe('figures and sentences', () => {
  it('follow the units', () => {
    expect(figureText(length(25.4), 'METRIC')).toBe('25.4 mm');
    expect(figureText(length(25.4), 'IMPERIAL')).toBe('1.00 in');
    expect(sentenceText(sentence('{0} of {1}', length(1), length(2)), 'METRIC')).toBe(
      '1 mm of 2 mm',
    );
  });
  it('lose their unit only where it is clear without', () => {
    const far = { value: 7620, quantity: 'LENGTH' as const, metric: '7 620 mm', imperial: '25 ft' };
    expect(bareText(far, 'METRIC')).toBe('7 620');
    expect(bareText(far, 'IMPERIAL')).toBe('25 ft');
  });
  it('leave a place that has no figure as it is', () => {
    expect(sentenceText(sentence('{0} {3}', length(1)), 'METRIC')).toBe('1 mm {3}');
  });
  it('are text, whatever they say', () => {
    show(<SentenceText sentence={sentence('<img src=x onerror=alert(1)> {0}', length(5))} />);
    expect(document.querySelector('img')).toBeNull();
    expect(document.body.textContent).toContain('<img src=x');
  });
});

describe('the four verdicts', () => {
  it('have four shapes and four words', () => {
    const shapes = new Set<string>();
    for (const verdict of ['WITHIN', 'AT_EDGE', 'OUT', 'NOT_KNOWN'] as const) {
      const { container, unmount } = show(<VerdictShape verdict={verdict} />);
      expect(screen.getByRole('img', { name: VERDICT_WORD[verdict] })).toBeTruthy();
      shapes.add(container.querySelector('svg')?.innerHTML.replace(/var\([^)]*\)/g, '') ?? '');
      unmount();
    }
    expect(shapes.size).toBe(4);
  });
});

describe('what is to be done about a finding', () => {
  const task = { action: 'READ', page: 'WALL', subject: 'lamp:DIPPED:RIGHT' } as const;
  const open = (path: string, verdict: 'OUT' | 'WITHIN') =>
    openPage(
      '/jobs/:id/*',
      `/jobs/j${path}`,
      <TaskButton finding={{ ...finding('aim.cutoff', verdict, 'Not read'), task }} />,
      {},
    );

  it('is a press away, wherever it was found', async () => {
    const router = open('/hand-over', 'OUT');
    await userEvent.click(screen.getByRole('button', { name: appWords.goTo({ page: 'Wall' }) }));
    expect(router.state.location.pathname).toBe('/jobs/j');
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('is nothing where all is well', () => {
    open('/hand-over', 'WITHIN');
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('the horizon strip', () => {
  const horizon: Horizon = {
    parts: ['Floor', 'Lamps', 'Left lamp', 'Right lamp', 'Hand over'],
    present: 3,
    marks: [
      mark(0, 'WITHIN', 0.8, 'floor fits'),
      mark(2, 'AT_EDGE', 0, 'left at the edge'),
      mark(3, 'OUT', -0.6, 'right too high'),
      mark(4, 'NOT_KNOWN', 0, 'not read'),
    ],
  };
  it('says where the work stands and what is above the line', () => {
    show(<HorizonStrip horizon={horizon} />);
    expect(
      screen.getByRole('img', {
        name: findingWords.standingAtPartsOut({ parts: 'Right lamp', value: '1' }),
      }),
    ).toBeTruthy();
    for (const part of horizon.parts) {
      expect(screen.getByText(part)).toBeTruthy();
    }
  });
  it('draws what is out above the line and what is within below it', () => {
    const { container } = show(<HorizonStrip horizon={horizon} />);
    const line = Number(container.querySelector('line')?.getAttribute('y1'));
    const bar = container.querySelector('rect[rx]');
    expect(Number(bar?.getAttribute('y'))).toBeGreaterThan(line);
    const spike = [...container.querySelectorAll('path')].find((path) =>
      path.getAttribute('d')?.includes('h-10z'),
    );
    const tip = Number(/^M\S+ (\S+)l/.exec(spike?.getAttribute('d') ?? '')?.[1]);
    expect(tip).toBeLessThan(line);
  });
  it('names a mark and goes there', async () => {
    const go = vi.fn();
    show(<HorizonStrip horizon={horizon} onMark={go} />);
    await userEvent.click(screen.getByRole('button', { name: 'out: right too high' }));
    expect(go).toHaveBeenCalledWith('right too high');
  });
});

describe('the working', () => {
  it('shows the lines with their figures and the source with its mark', () => {
    show(
      <WorkingDialog
        worked={{ kind: 'finding', finding: finding('x', 'OUT', 'Right lamp {0} too high') }}
        close={() => undefined}
      />,
    );
    const dialog = screen.getByRole('dialog');
    expect(dialog.textContent).toContain('Right lamp 12 mm too high');
    expect(dialog.textContent).toContain('limit − inclination');
    expect(dialog.textContent).toContain('15 mm − 3');
    expect(dialog.textContent).toContain('UN R48, 6.2.6.1');
    expect(dialog.textContent).toContain('from memory, check the current text');
  });
});
