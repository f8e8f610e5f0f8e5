import { useCallback, useEffect } from 'react';
import type { ChosenPlan, Controls, FindPage, Hunt } from '../api/client';
import { solveFeed } from '../api/queries';
import { useJudged } from '../api/useJudged';

/** What the circuit would do if it were sound, in the state of the next check. */
export function useSound(page: FindPage, hunt: Hunt) {
  const ask = useCallback(
    (at: { plan: ChosenPlan; controls: Controls }) => solveFeed(at.plan, at.controls),
    [],
  );
  const { answer, problem, judge } = useJudged(ask);
  const asked = hunt.next?.check.check.state ?? hunt.states.at(-1)?.state;
  const controls = hunt.states.find((one) => one.state === asked)?.controls;
  const { searched } = page;
  useEffect(() => {
    if (searched && controls) {
      void judge({ plan: searched, controls });
    }
  }, [searched, controls, judge]);
  return problem === undefined ? answer : undefined;
}
