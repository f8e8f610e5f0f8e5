import { useMutation } from '@tanstack/react-query';
import { api, unwrap, type FrontEdit } from '../api/client';
import { moved, withPair } from '../vehicle/shapes';

/** Looks for the nearest place at which a pair may stand, and moves it there where there is one. */
export function useNearest(
  jobId: string,
  front: FrontEdit,
  change: (front: FrontEdit) => void,
  onNowhere: () => void,
) {
  return useMutation({
    mutationFn: (pair: string) =>
      unwrap(
        api.POST('/api/calc/place/nearest', {
          params: { query: { job: jobId } },
          body: { front, pair },
        }),
      ),
    onSuccess: (found, pairId) => {
      const { outMm, heightMm } = found;
      const pair = front.pairs.find((one) => one.id === pairId);
      if (outMm !== undefined && heightMm !== undefined && pair) {
        change(withPair(front, moved(pair, 'LEFT', { outMm, heightMm }, false)));
      } else {
        onNowhere();
      }
    },
  });
}
