import { useQuery } from '@tanstack/react-query';
import { api, unwrap, type ShopTimer, type Timer } from './client';
import { LOOK_AGAIN_MS } from './queries';

export const TIMERS_KEY = ['timers'];

/** The timers of all open jobs that run or ring. */
export function useShopTimers() {
  return useQuery({
    queryKey: TIMERS_KEY,
    queryFn: () => unwrap(api.GET('/api/timers')),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** The timers that somebody still waits for, the next to end first. */
export function awaited(timers: Timer[]): Timer[] {
  return timers
    .filter((timer) => timer.state === 'RUNNING' || timer.state === 'RINGING')
    .sort((a, b) => a.end.localeCompare(b.end));
}

export const secondsLeft = (one: ShopTimer, now: number) =>
  (Date.parse(one.timer.end) - now) / 1000;
