import { useCallback, useRef, useState } from 'react';
import { api, unwrap, type FrontEdit, type PlacePage } from '../app/api/client';
import { useJudged } from '../app/useJudged';

/** A front that is being changed and is not kept yet, judged as it changes. */
export function useFront(page: PlacePage) {
  const [draft, setDraft] = useState<{ front: FrontEdit; version: number } | undefined>();
  const latest = useRef<FrontEdit>(undefined);
  const ask = useCallback(
    (front: FrontEdit) =>
      unwrap(
        api.POST('/api/calc/place', {
          params: { query: { job: page.job.id } },
          body: { front },
        }),
      ),
    [page.job.id],
  );
  const { answer, problem, judge, drop: dropJudged } = useJudged(ask);
  const change = useCallback(
    (front: FrontEdit) => {
      latest.current = front;
      setDraft((before) => ({ front, version: before?.version ?? page.version }));
      void judge(front);
    },
    [page.version, judge],
  );
  const drop = useCallback(() => {
    dropJudged();
    setDraft(undefined);
  }, [dropJudged]);
  const kept = useCallback(
    (sent: FrontEdit, version: number) => {
      if (latest.current === sent) {
        drop();
      } else {
        setDraft((before) => before && { ...before, version });
      }
    },
    [drop],
  );
  return {
    front: draft?.front ?? page.front,
    sheet: (draft && answer) ?? page.sheet,
    draft,
    refusal: problem,
    change,
    drop,
    /** A front that was sent is kept in a version; what was moved since then stays a draft. */
    kept,
  };
}
