import { useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { ACTING, LOOK_AGAIN_MS } from '../api/queries';

export function useHandOverPage(id: string) {
  return useQuery({
    queryKey: ['hand-over', id],
    queryFn: () =>
      unwrap(api.GET('/api/jobs/{jobId}/hand-over', { params: { path: { jobId: id } } })),
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function closeJob(jobId: string, reason: string) {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/closed', {
      params: { path: { jobId }, header: ACTING },
      body: { reason },
    }),
  );
}

export function amendJob(jobId: string, id: string, words: string, why: string) {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/amendments/{id}', {
      params: { path: { jobId, id }, header: ACTING },
      body: { words, why },
    }),
  );
}

export function comeBack(jobId: string, id: string) {
  return unwrap(
    api.PUT('/api/jobs/{jobId}/comeback/{id}', {
      params: { path: { jobId, id }, header: ACTING },
    }),
  );
}
