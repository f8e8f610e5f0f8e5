import { useCallback, useEffect, useRef, useState } from 'react';
import { conflictOf, type Conflict } from '../settings/Stale';

/** A document as the server has it. */
export interface Kept<T> {
  version: number;
  content: T;
}

/**
 * A document that is kept at each change, one request at a time, the latest state winning. What could
 * not be kept stays on the page until it is kept, or dropped for somebody else's.
 */
export function useKept<T>(
  server: Kept<T>,
  put: (version: number, content: T) => Promise<Kept<T>>,
) {
  const [draft, setDraft] = useState<T>();
  const [error, setError] = useState<Error>();
  const wanted = useRef<T | undefined>(undefined);
  const version = useRef(server.version);
  const busy = useRef(false);
  const send = useRef(put);
  useEffect(() => {
    send.current = put;
    // a draft stays on the version that it was made on, whatever the page sees meanwhile
    if (wanted.current === undefined) {
      version.current = Math.max(version.current, server.version);
    }
  });

  const pump = useCallback(async () => {
    if (busy.current) {
      return;
    }
    busy.current = true;
    while (wanted.current !== undefined) {
      const sent = wanted.current;
      try {
        const fresh = await send.current(version.current, sent);
        version.current = fresh.version;
        setError(undefined);
        if (wanted.current === sent) {
          wanted.current = undefined;
          setDraft(undefined);
        }
      } catch (problem) {
        setError(problem as Error);
        break;
      }
    }
    busy.current = false;
  }, []);

  const change = useCallback(
    (content: T) => {
      wanted.current = content;
      setDraft(content);
      void pump();
    },
    [pump],
  );
  const conflict: Conflict | undefined = conflictOf(error);
  return {
    content: draft ?? server.content,
    waits: draft !== undefined,
    error: conflict ? undefined : error,
    conflict,
    change,
    again: () => void pump(),
    /** Replaces what somebody else kept meanwhile, of the given version. */
    insist: (theirVersion: number) => {
      version.current = theirVersion;
      void pump();
    },
    drop: () => {
      wanted.current = undefined;
      setDraft(undefined);
      setError(undefined);
    },
  };
}
