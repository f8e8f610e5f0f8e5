import { useCallback, useEffect, useState } from 'react';
import { api, unwrap, type FrontEdit, type PlacePage } from '../api/client';
import { useJudged } from '../api/useJudged';
import { useKept } from '../kept/useKept';

/** A front that is being moved; one made on a state that is still on its way has no version yet. */
interface Draft {
  front: FrontEdit;
  version: number | undefined;
}

/** A front that is being changed, judged as it changes; saved, it waits until it is kept. */
export function useFront(page: PlacePage) {
  const jobId = page.job.id;
  const saved = useKept<FrontEdit>('place', jobId, { version: page.version, content: page.front });
  const { waits, change: save } = saved;
  const [draft, setDraft] = useState<Draft>();
  const ask = useCallback(
    (front: FrontEdit) =>
      unwrap(api.POST('/api/calc/place', { params: { query: { job: jobId } }, body: { front } })),
    [jobId],
  );
  const { answer, problem, judge, drop: dropJudged } = useJudged(ask);
  const change = useCallback(
    (front: FrontEdit) => {
      setDraft((before) => ({
        front,
        version: before ? before.version : waits ? undefined : page.version,
      }));
      void judge(front);
    },
    [page.version, waits, judge],
  );
  const isShown = draft !== undefined || waits;
  useEffect(() => {
    if (!isShown) {
      dropJudged();
    }
  }, [isShown, dropJudged]);
  if (draft && draft.version === undefined && !waits) {
    // what it was made on is kept now
    setDraft({ ...draft, version: page.version });
  }
  const front = draft?.front ?? saved.content;
  return {
    front,
    sheet: (isShown && answer) || page.sheet,
    saved,
    isChanged: draft !== undefined || saved.refused !== undefined,
    refusal: problem,
    change,
    save: () => {
      save(front, draft?.version);
      setDraft(undefined);
    },
    /** Drops what was moved; where nothing was, or somebody else's stays, what was saved too. */
    drop: () => {
      dropJudged();
      setDraft(undefined);
      if (!draft || saved.conflict) {
        saved.drop();
      }
    },
  };
}
