import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { ShownEdit } from '../api/client';
import { useWriting } from '../workshop/useWorkshop';

/** Writes down what was checked, and asks what follows from it. */
export function useHunt(jobId: string) {
  const client = useQueryClient();
  const { tell, write, problem, waiting } = useWriting(jobId, 'FIND');
  const again = useCallback(
    () => client.invalidateQueries({ queryKey: ['find', jobId] }),
    [client, jobId],
  );
  const checked = useCallback(
    async (shown: ShownEdit[], words: string) => {
      await tell({ check: { shown } }, words);
      await again();
    },
    [tell, again],
  );
  const strike = useCallback(
    async (id: string, words: string) => {
      await tell({ strikes: id }, words);
      await again();
    },
    [tell, again],
  );
  return { checked, strike, write, problem, waiting };
}

export type Checked = ReturnType<typeof useHunt>['checked'];
