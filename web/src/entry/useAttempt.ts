import { useCallback, useRef } from 'react';
import { uuidv7 } from 'uuidv7';

/**
 * Ids for what is being stored: the same text tried again after a failure has the same id, so that it
 * is kept once even if the first try arrived; another text, or the next one, has another.
 */
export function useAttempt() {
  const attempt = useRef<{ of: string; id: string } | undefined>(undefined);
  const idFor = useCallback((of: string) => {
    if (attempt.current?.of !== of) {
      attempt.current = { of, id: uuidv7() };
    }
    return attempt.current.id;
  }, []);
  const done = useCallback(() => {
    attempt.current = undefined;
  }, []);
  return { idFor, done };
}
