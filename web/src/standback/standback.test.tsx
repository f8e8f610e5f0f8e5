import { fireEvent, screen, waitFor } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { JobPage, LampAtWall, Units } from '../api/client';
import { finding, JOB, length, show, takesEverything, partly, press } from '../test/testing';
import { StandBack } from './StandBack';
import { appWords } from '../words/page/app';
import { standbackWords } from '../words/page/standback';
import { workshopWords } from '../words/page/workshop';

const lineAt = (mm: number) => ({ line: length(mm) }) as LampAtWall['place'];
const turns = (value: number) => ({
  value,
  quantity: 'TURNS' as const,
  metric: `${String(value).replace('-', '−')} turns`,
  imperial: `${String(value).replace('-', '−')} turns`,
});

function lamp(side: 'LEFT' | 'RIGHT', more: Partial<LampAtWall>): LampAtWall {
  return { side, turnedSinceRead: false, screws: [], findingIds: [], ...more } as LampAtWall;
}

const READ = partly<LampAtWall['reading']>({ percent: turns(-1), height: length(620) });

function page(right: Partial<LampAtWall>, units: Units = 'METRIC'): JobPage {
  return partly<JobPage>({
    job: { ...JOB, units },
    vehicle: { id: 'v' },
    adjusters: [{ id: 'screw', side: 'RIGHT', lamp: 'DIPPED', axis: 'VERTICAL' }],
    readings: [],
    sheet: {
      next: { side: 'RIGHT', lamp: 'DIPPED' },
      findings: [finding('aim.limits@lamp:DIPPED:RIGHT', 'OUT', 'Right lamp {0} too high')],
      pairs: [
        { kind: 'DIPPED', left: lamp('LEFT', { place: lineAt(670) }), right: lamp('RIGHT', right) },
      ],
    },
  });
}

function stand(of: JobPage) {
  const router = createMemoryRouter(
    [
      { path: '/jobs/:id/stand-back', element: <StandBack /> },
      { path: '/jobs/:id', element: <div>the wall</div> },
    ],
    { initialEntries: ['/jobs/j/stand-back'] },
  );
  show(<RouterProvider router={router} />, of.job.units, { 'job/j': of });
}

const figure = () => document.querySelector('[data-figure]')?.textContent;

afterEach(() => vi.restoreAllMocks());

describe('one instruction, read from 5 m', () => {
  const high = partly<Partial<LampAtWall>>({
    place: lineAt(670),
    reading: READ,
    findingIds: ['aim.limits@lamp:DIPPED:RIGHT'],
    correction: { up: length(-55), turns: turns(-1.5), adjusterId: 'screw' },
  });

  it('says how far, which screw, how many turns and which way', () => {
    stand(page(high));
    expect(screen.getByRole('heading').textContent).toBe('Right lamp · left one covered');
    expect(figure()).toBe('55');
    expect(screen.getByText('mm down')).toBeTruthy();
    expect(screen.getByText(/vertical adjuster/).textContent).toContain('1.5 turns anticlockwise');
  });

  it('keeps the turn that was made and then the new reading', async () => {
    const of = page(high);
    const puts = takesEverything(() => of);
    stand(of);
    await press(appWords.turnedReadAgain());
    expect(figure()).toBe('1 1/2');
    expect(screen.getByText(appWords.anticlockwise())).toBeTruthy();
    await press('+ 1/8');
    await press(standbackWords.turnThatFar());
    expect(await screen.findByText(standbackWords.cutoffNowBelowTheLampHeight())).toBeTruthy();
    await press('+ 10');
    await press('− 1');
    await press(appWords.save());
    await waitFor(() => expect(puts).toHaveLength(2));
    expect(puts.map((put) => put.body)).toMatchObject([
      { kind: 'TURN', side: 'RIGHT', adjusterId: 'screw', typed: '1 3/8 anticlockwise' },
      { kind: 'CUTOFF_BELOW', side: 'RIGHT', typed: '9' },
    ]);
    expect(puts[0]?.ids.id).not.toBe(puts[1]?.ids.id);
  });

  it('asks for the reading alone where it knows no adjuster that was turned', async () => {
    stand({ ...page(high), adjusters: [] });
    await press(standbackWords.readIt());
    expect(await screen.findByText(standbackWords.cutoffNowBelowTheLampHeight())).toBeTruthy();
  });

  it('asks for a reading first where there is none, from where the tape is', async () => {
    stand(page({ place: lineAt(670), aim: { belowLine: length(76) } as LampAtWall['aim'] }));
    expect(figure()).toBe('76');
    await press(standbackWords.readIt());
    fireEvent.keyDown(document.body, { key: 'ArrowDown' });
    expect(figure()).toBe('77');
    await press(appWords.back());
    expect(screen.getByText(/Where is the cutoff/)).toBeTruthy();
  });

  it('asks for the distance before anything else', () => {
    stand(page({}));
    expect(screen.getByText(/Measure the distance/)).toBeTruthy();
  });

  it('tries half a turn where the screw is not known yet', () => {
    stand(page({ ...high, correction: { up: length(12) } as LampAtWall['correction'] }));
    expect(screen.getByText('mm up')).toBeTruthy();
    expect(screen.getByText(/try half a turn, read again/)).toBeTruthy();
  });

  it('goes over to the other lamp and back to the wall', async () => {
    stand(page(high));
    await press(workshopWords.leftLamp());
    expect(screen.getByRole('heading').textContent).toBe('Left lamp · right one covered');
    await press(appWords.back());
    expect(await screen.findByText('the wall')).toBeTruthy();
  });
});
