import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import { api, unwrap, type WorkshopPage } from '../app/api/client';
import { LOOK_AGAIN_MS, takeFresh } from '../app/api/queries';
import { outbox, type EntrySaid } from '../kept/outbox';
import { TIMERS_KEY } from '../timers/shopTimers';

export function useWorkshopPage(id: string) {
  return useQuery({
    queryKey: ['workshop', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/workshop', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export type StageName = WorkshopPage['stages'][number]['stage'];

/** Sends what waits, from whatever page is open, and shows what came of it. */
export function useOutbox() {
  const client = useQueryClient();
  useEffect(() => {
    outbox.onSent((id, page) => {
      void takeFresh(client, ['workshop', id], page);
      void client.invalidateQueries({ queryKey: TIMERS_KEY });
    });
    return outbox.start();
  }, [client]);
}

/** Writes things down at a stage, and tells what waits to be sent. */
export function useWriting(jobId: string, stage: StageName) {
  const all = useSyncExternalStore(outbox.subscribe, outbox.all);
  const [problem, setProblem] = useState<string>();
  const write = useCallback(
    (said: Omit<EntrySaid, 'stage'>, words: string) =>
      outbox.write(jobId, { stage, ...said }, words),
    [jobId, stage],
  );
  /** For a press that waits for nothing: what was refused is said on the tape. */
  const tell = useCallback(
    async (said: Omit<EntrySaid, 'stage'>, words: string) => {
      try {
        await write(said, words);
        setProblem(undefined);
      } catch (refused) {
        setProblem(`${words}: ${(refused as Error).message}`);
      }
    },
    [write],
  );
  return { write, tell, problem, waiting: all.filter((one) => one.jobId === jobId) };
}

export type Write = ReturnType<typeof useWriting>['write'];
export type Tell = ReturnType<typeof useWriting>['tell'];
