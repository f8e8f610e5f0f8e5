import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { api, unwrap, type WorkshopPage } from '../app/api/client';
import { takeFresh } from '../app/api/queries';
import { outbox, type EntrySaid } from '../kept/outbox';

const LOOK_AGAIN_MS = 5_000;

export function useWorkshopPage(id: string) {
  return useQuery({
    queryKey: ['workshop', id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/workshop', { params: { path: { id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export type StageName = WorkshopPage['stages'][number]['stage'];

/** Writes things down at a stage, and tells what waits to be sent. */
export function useWriting(jobId: string, stage: StageName) {
  const client = useQueryClient();
  useEffect(() => {
    outbox.onSent((id, page) => void takeFresh(client, ['workshop', id], page));
    const flush = () => void outbox.flush();
    flush();
    window.addEventListener('online', flush);
    return () => window.removeEventListener('online', flush);
  }, [client]);
  const all = useSyncExternalStore(outbox.subscribe, outbox.all);
  const write = useCallback(
    (said: Omit<EntrySaid, 'stage'>, words: string) =>
      outbox.write(jobId, { stage, ...said }, words),
    [jobId, stage],
  );
  return { write, waiting: all.filter((one) => one.jobId === jobId) };
}

export type Write = ReturnType<typeof useWriting>['write'];
