import type { Standing } from '../api/client';
import { appWords } from '../words/page/app';

export type Stage = Standing['stage'];

/** The stages in the order of work, each with the place of its page under the job. */
export const STAGE_PAGES: Record<Stage, { words: string; path: string }> = {
  TAKE_IN: { words: appWords.takeIn(), path: '/take-in' },
  CAME: { words: appWords.asItCame(), path: '/as-it-came' },
  FIND: { words: appWords.find(), path: '/find' },
  PARTS: { words: appWords.parts(), path: '/parts' },
  PLACE: { words: appWords.place(), path: '/place' },
  FEED: { words: appWords.feed(), path: '/feed' },
  APART: { words: appWords.apart(), path: '/apart' },
  BENCH: { words: appWords.bench(), path: '/bench' },
  PROVE: { words: appWords.prove(), path: '/prove' },
  TOGETHER: { words: appWords.together(), path: '/together' },
  WALL: { words: appWords.wall(), path: '' },
  HAND_OVER: { words: appWords.handOver(), path: '/hand-over' },
};

/** Where a stage is worked. */
export function stagePath(jobId: string, stage: Stage): string {
  return `/jobs/${jobId}${STAGE_PAGES[stage].path}`;
}

/** The next stage of a plan, also from one that the plan leaves out. */
export function stageAfter(stages: Stage[], here: Stage): Stage | undefined {
  const pages = Object.keys(STAGE_PAGES) as Stage[];
  return pages.slice(pages.indexOf(here) + 1).find((stage) => stages.includes(stage));
}

/** Where a job is taken up again. */
export function whereItStands(jobId: string, { stage }: Standing): string {
  return stagePath(jobId, stage);
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
      parts: stages.map((stage) => STAGE_PAGES[stage].words),
      present: stages.indexOf(here),
      marks: [],
    },
  };
}
