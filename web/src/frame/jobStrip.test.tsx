import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { api, type Horizon, type Job, type Standing } from '../api/client';
import { mark, openPage, show } from '../test/testing';
import { JobStrip } from './JobStrip';
import { StageMenu } from './StageMenu';
import { stageAfter, whereItStands } from '../ui/stages';
import { appWords } from '../words/page/app';

const job = { id: 'j', touchedAt: '2026-11-25T10:00:00Z' } as Job;
const standing: Standing = {
  stage: 'PLACE',
  verdict: 'OUT',
  headline: { pattern: 'too low', figures: [] },
  stages: ['TAKE_IN', 'PLACE', 'FEED', 'HAND_OVER'],
  horizon: {
    parts: ['Take in', 'Place', 'Feed', 'Hand over'],
    present: 1,
    marks: [mark(0, 'WITHIN', 1, 'tried'), mark(1, 'OUT', -1, 'kept before')],
  },
};
const own: Horizon = {
  parts: ['Fog lamps', 'Drill'],
  present: 0,
  marks: [mark(0, 'OUT', -0.5, 'too low now')],
};

it('leads from a menu to the job’s own stages where the screen is narrow', async () => {
  vi.spyOn(api, 'GET').mockResolvedValue({
    data: standing,
    response: new Response(null, { status: 200 }),
  } as never);
  openPage('/jobs/:id/place', '/jobs/j/place', <StageMenu job={job} here="PLACE" />, {}, [
    '/jobs/j/feed',
  ]);
  const menu = await screen.findByRole('combobox', { name: appWords.stage() });
  await waitFor(() => expect(within(menu).getAllByRole('option')).toHaveLength(4));
  await userEvent.selectOptions(menu, 'Feed');
  expect(await screen.findByText('/jobs/j/feed')).toBeTruthy();
  vi.restoreAllMocks();
});

describe('the job’s strip', () => {
  it('leads to the stages that have a page, and parts the one that is open', async () => {
    vi.spyOn(api, 'GET').mockResolvedValue({
      data: standing,
      response: new Response(null, { status: 200 }),
    } as never);
    const ask = vi.fn();
    show(
      <MemoryRouter>
        <JobStrip job={job} here="PLACE" own={own} onMark={ask} />
      </MemoryRouter>,
    );
    const link = await screen.findByRole('link', { name: appWords.takeIn() });
    expect(link.getAttribute('href')).toBe('/jobs/j/take-in');
    expect(screen.getByRole('link', { name: appWords.handOver() }).getAttribute('href')).toBe(
      '/jobs/j/hand-over',
    );
    // the open one is parted
    expect(screen.queryByRole('link', { name: appWords.place() })).toBeNull();
    expect(
      // once beside all stages, once alone for narrow screens
      screen.getAllByRole('img', { name: 'Standing: at Fog lamps, 1 out' }),
    ).toHaveLength(2);
    screen.getAllByRole('button', { name: 'out: too low now' })[0]?.click();
    expect(ask).toHaveBeenCalledWith('too low now');
    expect(screen.queryByRole('button', { name: /tried/ })).toBeNull();
    vi.restoreAllMocks();
  });

  it('leads nowhere until it is known which stages there are: they would move away', () => {
    vi.spyOn(api, 'GET').mockReturnValue(new Promise(() => undefined) as never);
    show(
      <MemoryRouter>
        <JobStrip job={{ ...job, id: 'asked' }} here="WALL" />
      </MemoryRouter>,
    );
    expect(screen.getByText(appWords.wall())).toBeTruthy();
    expect(screen.queryByRole('link')).toBeNull();
    vi.restoreAllMocks();
  });

  it('leads to every page where it cannot be learnt how the job stands', async () => {
    vi.spyOn(api, 'GET').mockRejectedValue(new TypeError('failed'));
    show(
      <MemoryRouter>
        <JobStrip job={{ ...job, id: 'cut' }} here="WALL" />
      </MemoryRouter>,
    );
    const names = (await screen.findAllByRole('link')).map((link) => link.textContent);
    expect(names).toEqual([
      appWords.takeIn(),
      appWords.asItCame(),
      appWords.find(),
      appWords.parts(),
      appWords.place(),
      appWords.feed(),
      appWords.apart(),
      appWords.bench(),
      appWords.prove(),
      appWords.together(),
      appWords.wall(),
      appWords.handOver(),
    ]);
    vi.restoreAllMocks();
  });
});

describe('a job taken up again', () => {
  it.each([
    ['PLACE', '/jobs/j/place'],
    ['FEED', '/jobs/j/feed'],
    ['HAND_OVER', '/jobs/j/hand-over'],
    ['TAKE_IN', '/jobs/j/take-in'],
  ] as const)('at %s opens %s', (stage, path) => {
    expect(whereItStands('j', { ...standing, stage })).toBe(path);
  });
});

describe('on to the next stage', () => {
  it('is the next of the plan that has a page, also from a page that the plan leaves out', () => {
    const plan: Standing['stages'] = ['TAKE_IN', 'CAME', 'FEED', 'WALL', 'HAND_OVER'];
    expect(stageAfter(plan, 'TAKE_IN')).toBe('CAME');
    expect(stageAfter(plan, 'CAME')).toBe('FEED');
    expect(stageAfter(plan, 'PLACE')).toBe('FEED');
    expect(stageAfter(plan, 'FEED')).toBe('WALL');
    expect(stageAfter(plan, 'WALL')).toBe('HAND_OVER');
    expect(stageAfter(plan, 'HAND_OVER')).toBeUndefined();
  });
});
