import type { Standing } from './api/client';

export type Stage = Standing['stage'];

/** The stages that have a page of their own, in the order of work, with its place under the job. */
export const STAGE_PAGES: Partial<Record<Stage, { words: string; path: string }>> = {
  TAKE_IN: { words: 'Take in', path: '/take-in' },
  CAME: { words: 'As it came', path: '/as-it-came' },
  PARTS: { words: 'Parts', path: '/parts' },
  PLACE: { words: 'Place', path: '/place' },
  FEED: { words: 'Feed', path: '/feed' },
  APART: { words: 'Apart', path: '/apart' },
  BENCH: { words: 'Bench', path: '/bench' },
  PROVE: { words: 'Prove', path: '/prove' },
  TOGETHER: { words: 'Together', path: '/together' },
  WALL: { words: 'Wall', path: '' },
  HAND_OVER: { words: 'Hand over', path: '/hand-over' },
};

/** Where a stage that has a page is worked. */
export function stagePath(jobId: string, stage: Stage): string | undefined {
  const page = STAGE_PAGES[stage];
  return page && `/jobs/${jobId}${page.path}`;
}

/** The next stage of a plan that has a page, also from a page that the plan leaves out. */
export function stageAfter(stages: Stage[], here: Stage): Stage | undefined {
  const pages = Object.keys(STAGE_PAGES) as Stage[];
  return pages.slice(pages.indexOf(here) + 1).find((stage) => stages.includes(stage));
}

/** Where a job is taken up again: at its stage, or at the last one before it that has a page. */
export function whereItStands(jobId: string, { stage, stages }: Standing): string {
  return (
    stages
      .slice(0, stages.indexOf(stage) + 1)
      .map((one) => stagePath(jobId, one))
      .findLast((path) => path !== undefined) ?? `/jobs/${jobId}`
  );
}

/** A job of which nothing is known but which page of it is open: all pages can be reached. */
export function unknownStanding(here: Stage): Standing {
  const stages = Object.keys(STAGE_PAGES) as Stage[];
  return {
    stage: here,
    verdict: 'NOT_KNOWN',
    headline: { pattern: '', figures: [] },
    stages,
    horizon: {
      parts: stages.map((stage) => STAGE_PAGES[stage]?.words ?? ''),
      present: stages.indexOf(here),
      marks: [],
    },
  };
}
