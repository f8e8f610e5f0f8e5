import { useCallback, useRef, useState } from 'react';

/** While one answer is drawn, the next is already being worked out. */
const AT_ONCE = 2;

/**
 * The server's judgement of something that changes faster than it answers: a few questions at a
 * time, the latest state winning. An answer that was overtaken by a later one is passed over.
 *
 * @param ask asks of one state
 */
export function useJudged<State, Answer>(ask: (state: State) => Promise<Answer>) {
  const [answer, setAnswer] = useState<Answer | undefined>();
  const [problem, setProblem] = useState<string | undefined>();
  const waiting = useRef<{ state: State } | undefined>(undefined);
  const underway = useRef(0);
  const asked = useRef(0);
  const answered = useRef(0);

  const judge = useCallback(
    async (state: State) => {
      waiting.current = { state };
      if (underway.current >= AT_ONCE) {
        return;
      }
      underway.current++;
      while (waiting.current) {
        const next = waiting.current.state;
        waiting.current = undefined;
        const turn = ++asked.current;
        const isNews = () => turn > answered.current;
        try {
          const judged = await ask(next);
          if (isNews()) {
            answered.current = turn;
            setAnswer(judged);
            setProblem(undefined);
          }
        } catch (refused) {
          // the last judgement stays until the server answers again
          if (isNews()) {
            answered.current = turn;
            setProblem((refused as Error).message);
          }
        }
      }
      underway.current--;
    },
    [ask],
  );
  const drop = useCallback(() => {
    waiting.current = undefined;
    answered.current = asked.current;
    setAnswer(undefined);
    setProblem(undefined);
  }, []);
  return { answer, problem, judge, drop };
}
