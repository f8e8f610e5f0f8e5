import { useCallback, useRef, useState } from 'react';
import { api, unwrap, type JobPage, type LampKind, type Side } from '../api/client';
import { useJudged } from '../api/useJudged';
import { wallRequest } from '../kept/readings';

/** A cutoff that is being dragged or nudged and is not kept yet. */
export interface Draft {
  lamp: LampKind;
  side: Side;
  /** Below the lamp-height line, in mm. */
  belowMm: number;
}

/** Follows a dragged cutoff: each place that it passes is judged. */
export function useDraft(page: JobPage) {
  const [draft, setDraft] = useState<Draft | undefined>();
  const latest = useRef<Draft>(undefined);
  const ask = useCallback(
    ({ lamp, side, belowMm }: Draft) =>
      unwrap(
        api.POST('/api/calc/wall', {
          body: wallRequest(page, { kind: 'CUTOFF_BELOW', lamp, side, value: belowMm }),
        }),
      ),
    [page],
  );
  const { answer, judge, drop: dropJudged } = useJudged(ask);
  const move = useCallback(
    (next: Draft) => {
      latest.current = next;
      setDraft(next);
      void judge(next);
    },
    [judge],
  );
  const drop = useCallback(() => {
    dropJudged();
    setDraft(undefined);
  }, [dropJudged]);
  const kept = useCallback(
    (sent: Draft) => {
      if (latest.current === sent) {
        drop();
      }
    },
    [drop],
  );
  return {
    draft,
    sheet: answer,
    move,
    drop,
    /** A place that was sent is kept; where the cutoff was moved on since then, it stays a draft. */
    kept,
  };
}
