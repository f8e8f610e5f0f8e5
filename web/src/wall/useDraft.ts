import { useMutation } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import {
  api,
  unwrap,
  type JobPage,
  type LampKind,
  type Side,
  type WallSheet,
} from '../app/api/client';
import { wallRequest } from './readings';

/** A cutoff that is being dragged or nudged and is not kept yet. */
export interface Draft {
  lamp: LampKind;
  side: Side;
  /** Below the lamp-height line, in mm. */
  belowMm: number;
}

/**
 * Follows a dragged cutoff: the server judges each place that is shown, one request at a time, the
 * latest place winning.
 */
export function useDraft(page: JobPage) {
  const [draft, setDraft] = useState<Draft | undefined>();
  const [sheet, setSheet] = useState<WallSheet | undefined>();
  const waiting = useRef<Draft | undefined>(undefined);
  const busy = useRef(false);
  const current = useRef<Draft | undefined>(undefined);
  const judge = useMutation({
    mutationFn: (of: Draft) =>
      unwrap(
        api.POST('/api/calc/wall', {
          body: wallRequest(page, {
            kind: 'CUTOFF_BELOW',
            lamp: of.lamp,
            side: of.side,
            value: of.belowMm,
          }),
        }),
      ),
  });
  const { mutateAsync } = judge;

  const pump = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    while (waiting.current) {
      const next = waiting.current;
      waiting.current = undefined;
      try {
        const judged = await mutateAsync(next);
        if (current.current) {
          setSheet(judged);
        }
      } catch {
        // the last judgement stays until the server answers again
      }
    }
    busy.current = false;
  }, [mutateAsync]);

  const move = useCallback(
    (next: Draft) => {
      current.current = next;
      waiting.current = next;
      setDraft(next);
      void pump();
    },
    [pump],
  );
  const drop = useCallback(() => {
    current.current = undefined;
    waiting.current = undefined;
    setDraft(undefined);
    setSheet(undefined);
  }, []);
  return { draft, sheet, move, drop };
}
