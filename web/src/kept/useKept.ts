import { useSyncExternalStore } from 'react';
import type { Conflict } from './conflict';
import { contentOf, documentKey, documentState, type DocumentName } from './documents';
import { outbox } from './outbox';

/** A document as the server has it. */
export interface Kept<T> {
  version: number;
  content: T;
}

/** How a document stands that is kept at each change. */
export interface Keeping {
  /** Something of it is not kept yet. */
  waits: boolean;
  /** It waits since the server cannot be reached. */
  away: boolean;
  /** Why the server did not take it. */
  refused: string | undefined;
  conflict: Conflict | undefined;
  again: () => void;
  /** Replaces what somebody else kept meanwhile, of the given version. */
  insist: (theirVersion: number) => void;
  drop: () => void;
}

/**
 * A document that is kept at each change, the latest state winning. What could not be kept waits in
 * the browser until it is kept, or dropped for somebody else's.
 */
export function useKept<T>(
  name: DocumentName,
  jobId: string,
  server: Kept<T>,
): Keeping & { content: T; change: (content: T, madeOn?: number) => void } {
  const entries = useSyncExternalStore(outbox.subscribe, outbox.all);
  const away = useSyncExternalStore(outbox.subscribe, outbox.isAway);
  const key = documentKey(name, jobId);
  const waiting = entries.findLast((one) => one.document === key);
  return {
    content: waiting ? (contentOf(name, waiting.body) as T) : server.content,
    waits: waiting !== undefined,
    away: away && waiting !== undefined,
    refused: waiting?.refused,
    conflict: waiting?.conflict,
    // a draft stays on the version that it was made on, whatever the page sees meanwhile
    change: (content, madeOn = server.version) =>
      outbox.save(documentState(name, jobId, Number(waiting?.body.version ?? madeOn), content)),
    again: () => outbox.again(key),
    insist: (theirVersion) => outbox.insist(key, theirVersion),
    drop: () => outbox.dropDocument(key),
  };
}
