import { useCallback, useEffect, useState } from 'react';
import type { ChosenPlan, Controls, FeedPage } from '../api/client';
import { solveFeed } from '../api/queries';
import { useJudged } from '../api/useJudged';
import { telling } from './telling';

/** The driver's controls, and what the kept plan does in their state. */
export function useControls(page: FeedPage) {
  const { sheet } = page;
  const [controls, setControls] = useState<Controls>(() => telling(sheet));
  const [begun, setBegun] = useState(sheet?.plan.id);
  if (sheet && sheet.plan.id !== begun) {
    setBegun(sheet.plan.id);
    setControls(telling(sheet));
  }
  const ask = useCallback(
    (at: { plan: ChosenPlan; controls: Controls }) => solveFeed(at.plan, at.controls),
    [],
  );
  const { answer, problem: unsolved, judge } = useJudged(ask);
  // nothing is shown of these controls that holds for those before
  const solved = unsolved === undefined ? answer : undefined;
  const keptPlan = page.feed.plan;
  useEffect(() => {
    if (keptPlan) {
      void judge({ plan: keptPlan, controls });
    }
  }, [keptPlan, controls, judge]);

  return { controls, setControls, solved, unsolved };
}
