import { useCallback, useRef, useState } from 'react';
import {
  api,
  unwrap,
  type FrontEdit,
  type PlacePage,
  type PlaceSheet,
  type Units,
} from '../app/api/client';

/**
 * A front that is being changed and is not kept yet: the server judges each state that is shown, one
 * request at a time, the latest state winning.
 */
export function useFront(page: PlacePage, units: Units) {
  const [draft, setDraft] = useState<{ front: FrontEdit; version: number } | undefined>();
  const [sheet, setSheet] = useState<PlaceSheet | undefined>();
  const [refusal, setRefusal] = useState<string | undefined>();
  const waiting = useRef<FrontEdit | undefined>(undefined);
  const current = useRef<FrontEdit | undefined>(undefined);
  const busy = useRef(false);

  const pump = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    while (waiting.current) {
      const front = waiting.current;
      waiting.current = undefined;
      try {
        const judged = await unwrap(
          api.POST('/api/calc/place', {
            params: { query: { job: page.job.id } },
            body: { units, front },
          }),
        );
        if (current.current) {
          setSheet(judged);
          setRefusal(undefined);
        }
      } catch (problem) {
        if (current.current) {
          setRefusal((problem as Error).message);
        }
      }
    }
    busy.current = false;
  }, [units, page.job.id]);

  const change = useCallback(
    (front: FrontEdit) => {
      current.current = front;
      waiting.current = front;
      setDraft((before) => ({ front, version: before?.version ?? page.version }));
      void pump();
    },
    [page.version, pump],
  );
  const drop = useCallback(() => {
    current.current = undefined;
    waiting.current = undefined;
    setDraft(undefined);
    setSheet(undefined);
    setRefusal(undefined);
  }, []);
  return {
    front: draft?.front ?? page.front,
    sheet: (draft && sheet) ?? page.sheet,
    draft,
    refusal,
    change,
    drop,
  };
}
