import { Problem, type Difference } from '../api/client';

/** What somebody else made of a row that one was changing. */
export interface Conflict {
  changedBy: string;
  /** The document as the server has it: of the kind that was sent. */
  theirs: unknown;
  /** Its version, where the document tells it. */
  version: number;
  /** Every field in which the two differ. */
  differences: Difference[];
}

/** The conflict that a problem reports, if it reports one. */
export function conflictOf(error: unknown): Conflict | undefined {
  if (!(error instanceof Problem) || error.status !== 409 || !error.more.current) {
    return undefined;
  }
  return {
    changedBy: String(error.more.changedBy),
    theirs: error.more.current,
    version: Number((error.more.current as { version?: unknown }).version),
    differences: (error.more.differences ?? []) as Difference[],
  };
}
