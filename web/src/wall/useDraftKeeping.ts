import { useState } from 'react';
import type { KeepReading } from '../kept/useReadings';
import { useUnits } from '../ui/session';
import { typedLength } from '../entry/typed';
import { useAttempt } from '../entry/useAttempt';
import { reading } from '../kept/readings';
import { useDraft } from './useDraft';

/** Keeps a cutoff that was dragged, once, and says why where it was refused. */
export function useDraftKeeping(drafting: ReturnType<typeof useDraft>, keep: KeepReading) {
  const units = useUnits();
  const attempt = useAttempt();
  const [draftProblem, setDraftProblem] = useState<string>();
  const keepDraft = async () => {
    const { draft, kept } = drafting;
    if (!draft) {
      return;
    }
    setDraftProblem(undefined);
    const { lamp, side, belowMm } = draft;
    try {
      await keep({
        id: attempt.idFor(`${side}${belowMm}`),
        edit: reading({ kind: 'CUTOFF_BELOW', lamp, side }, typedLength(belowMm, units), units),
      });
      attempt.done();
      kept(draft);
    } catch (refused) {
      setDraftProblem((refused as Error).message);
    }
  };
  return { keepDraft, draftProblem };
}
