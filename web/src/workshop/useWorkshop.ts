import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { api, unwrap, type WorkshopPage } from '../app/api/client';
import { LOOK_AGAIN_MS, takeFresh } from '../app/api/queries';
import { writeEntry, type EntrySaid } from '../kept/entries';
import { outbox } from '../kept/outbox';
import { useWaiting } from '../kept/Tape';
import { TIMERS_KEY } from '../timers/shopTimers';

export function useWorkshopPage(id: string) {
  return useQuery({
    queryKey: [WORKSHOP, id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/workshop', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

/** What the page of the workshop is kept under, with the job behind it. */
const WORKSHOP = 'workshop';

export type StageName = WorkshopPage['stages'][number]['stage'];

/** Sends what waits, from whatever page is open, and shows what came of it. */
export function useOutbox() {
  const client = useQueryClient();
  useEffect(() => {
    outbox.onSent(async (entry, page) => {
      await takeFresh(client, entry.page, page);
      // the page is told in a turn of its own
      await new Promise((resolve) => setTimeout(resolve));
      if (entry.page[0] === WORKSHOP) {
        void client.invalidateQueries({ queryKey: TIMERS_KEY });
      }
    });
    return outbox.start();
  }, [client]);
}

/** Writes things down at a stage, and tells what waits to be sent. */
export function useWriting(jobId: string, stage: StageName) {
  const waiting = useWaiting(jobId).filter((one) => one.page[0] === WORKSHOP);
  const [problem, setProblem] = useState<string>();
  const write = useCallback(
    (said: Omit<EntrySaid, 'stage'>, words: string) => writeEntry(jobId, { stage, ...said }, words),
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
  return { write, tell, problem, waiting };
}

export type Write = ReturnType<typeof useWriting>['write'];
export type Tell = ReturnType<typeof useWriting>['tell'];
