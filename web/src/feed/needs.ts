import type { FeedSheet } from '../api/client';

export type Needs = FeedSheet['order'][number]['battery'];

/** Whether a step needs something live. */
export function isLive(needs: Needs): boolean {
  return needs === 'ON' || needs === 'FED';
}
