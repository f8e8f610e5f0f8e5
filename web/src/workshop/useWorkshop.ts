import { useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { api, unwrap, type WorkshopPage } from '../api/client';
import { LOOK_AGAIN_MS } from '../api/queries';
import { WORKSHOP } from '../kept/outbox';
import { writeEntry, type EntrySaid } from '../kept/entries';
import { useWaiting } from '../kept/Tape';

export function useWorkshopPage(id: string) {
  return useQuery({
    queryKey: [WORKSHOP, id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/workshop', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export type StageName = WorkshopPage['stages'][number]['stage'];

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
