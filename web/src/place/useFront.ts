import { useCallback, useRef, useState } from 'react';
import {
  api,
  unwrap,
  type FrontEdit,
  type PlacePage,
  type PlaceSheet,
  type Units,
} from '../app/api/client';

/** While one answer is drawn, the next is already being worked out. */
const AT_ONCE = 2;

/**
 * A front that is being changed and is not kept yet: the server judges each state that is shown, a
 * few requests at a time, the latest state winning.
 */
export function useFront(page: PlacePage, units: Units) {
  const [draft, setDraft] = useState<{ front: FrontEdit; version: number } | undefined>();
  const [sheet, setSheet] = useState<PlaceSheet | undefined>();
  const [refusal, setRefusal] = useState<string | undefined>();
  const waiting = useRef<FrontEdit | undefined>(undefined);
  const current = useRef<FrontEdit | undefined>(undefined);
  const underway = useRef(0);
  const asked = useRef(0);
  const answered = useRef(0);

  const pump = useCallback(async () => {
    if (underway.current >= AT_ONCE) {
      return;
    }
    underway.current++;
    while (waiting.current) {
      const front = waiting.current;
      waiting.current = undefined;
      const turn = ++asked.current;
      const show = (judged: PlaceSheet | undefined, problem: string | undefined) => {
        // an answer that was overtaken by a later one is old
        if (current.current && turn > answered.current) {
          answered.current = turn;
          setSheet((before) => judged ?? before);
          setRefusal(problem);
        }
      };
      try {
        const judged = await unwrap(
          api.POST('/api/calc/place', {
            params: { query: { job: page.job.id } },
            body: { units, front },
          }),
        );
        show(judged, undefined);
      } catch (problem) {
        show(undefined, (problem as Error).message);
      }
    }
    underway.current--;
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
    answered.current = asked.current;
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
