import { screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { RecordLine } from '../api/client';
import { outbox } from '../kept/outbox';
import { JOB, sentence, show } from '../test/testing';
import { recordWords } from '../words/page/record';
import { DayOfLines } from './DayOfLines';
import { daysOf } from './days';
import { base, lookingBackTo, today } from '../browser/moment';

const line = (number: number, at: string, more: Partial<RecordLine> = {}): RecordLine => ({
  id: `l${number}`,
  number,
  stage: 'WALL',
  kind: 'read',
  subject: 'vehicle',
  words: sentence(`line ${number}`),
  by: 'Runa',
  device: 'phone 1',
  at,
  ...more,
});

describe('the record of a job', () => {
  const lines = [
    line(7, '2026-11-24T09:00:00Z', { struckBy: 'l9' }),
    line(8, '2026-11-25T09:00:00Z'),
    line(9, '2026-11-25T09:05:00Z', { stage: 'APART' }),
  ];

  it('parts lines by day, newest first, and keeps late ones where they came in', () => {
    const late = line(10, '2026-11-24T08:00:00Z');
    expect(daysOf([...lines, late]).map((day) => day.lines.map((one) => one.number))).toEqual([
      [10],
      [9, 8],
      [7],
    ]);
  });

  it('leads from each line to the job as it stood right after it', () => {
    show(
      <>
        {daysOf(lines).map((day) => (
          <DayOfLines key={day.words} day={day} jobId={JOB.id} />
        ))}
      </>,
    );
    const addresses = screen.getAllByRole('link').map((link) => link.getAttribute('href'));
    expect(addresses).toEqual(['/at/9/jobs/j/apart', '/at/8/jobs/j', '/at/7/jobs/j']);
    const struck = screen.getByText('line 7').closest('li') as HTMLElement;
    within(struck).getByText(recordWords.struckLater(), { exact: false });
  });
});

describe('a page that looks back', () => {
  const here = window.location.pathname;
  afterEach(() => window.history.replaceState(null, '', here));

  it('knows its moment and the same page today', () => {
    expect(lookingBackTo()).toBeUndefined();
    window.history.replaceState(null, '', '/at/1207/jobs/j/feed?pair=2');
    expect([lookingBackTo(), base(), today()]).toEqual(['1207', '/at/1207', '/jobs/j/feed?pair=2']);
  });

  it('takes nothing in', async () => {
    window.history.replaceState(null, '', '/at/1207/jobs/j');
    const entry = { of: 'j', path: '/x', params: {}, body: {}, page: ['job', 'j'], words: 'w' };
    await expect(outbox.write(entry)).rejects.toThrow(recordWords.nothingThen());
    outbox.save({ ...entry, document: 'feed j' });
    expect(outbox.all()).toEqual([]);
  });
});
