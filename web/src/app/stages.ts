import type { Standing } from './api/client';

export type Stage = Standing['stage'];

/** The stages that have a page of their own, in the order of work, with its place under the job. */
export const STAGE_PAGES: Partial<Record<Stage, { words: string; path: string }>> = {
  TAKE_IN: { words: 'Take in', path: '/take-in' },
  CAME: { words: 'As it came', path: '/as-it-came' },
  PARTS: { words: 'Parts', path: '/parts' },
  PLACE: { words: 'Place', path: '/place' },
  WALL: { words: 'Wall', path: '' },
};

/** Where a stage of a job is worked; the wall where the stage has no page. */
export function stagePath(jobId: string, stage: Stage): string {
  return `/jobs/${jobId}${STAGE_PAGES[stage]?.path ?? ''}`;
}
