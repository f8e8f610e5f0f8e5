import { useCallback } from 'react';
import { uuidv7 } from 'uuidv7';
import type { ReadingEdit } from '../app/api/client';
import { keptWords } from '../words/page/kept';
import { sideWord, term } from '../words/terms';
import { outbox, type Outgoing } from './outbox';

/** Whose readings they are. */
export type ReadingsOf = { job: string } | { bay: string };

/** A reading to keep; its id is made before the first try, so that a second adds nothing. */
export interface ReadingToKeep {
  id?: string;
  edit: ReadingEdit;
}

export type KeepReading = (reading: ReadingToKeep) => Promise<unknown>;

function outgoing(of: ReadingsOf, what: 'readings' | 'undone', id: string) {
  const [page, owner] = 'job' in of ? ['job', of.job] : ['bay', of.bay];
  return {
    id,
    of: owner,
    path: `/api/${page}s/{${page}Id}/${what}/{id}`,
    params: { [`${page}Id`]: owner, id },
    page: [page, owner],
    timed: true,
  } satisfies Omit<Outgoing, 'body' | 'words'>;
}

function words({ kind, side, typed }: ReadingEdit) {
  const thing = term('ReadingKind', kind);
  return side
    ? keptWords.readingOfSide({ thing, side: sideWord(side), typed })
    : keptWords.reading({ thing, typed });
}

/** Keeping and taking back what was read of a job or bay, also while the network is away. */
export function useReadings(of: ReadingsOf) {
  const owner = 'job' in of ? of.job : of.bay;
  const isJob = 'job' in of;
  const keep: KeepReading = useCallback(
    ({ id = uuidv7(), edit }) =>
      outbox.write({
        ...outgoing(isJob ? { job: owner } : { bay: owner }, 'readings', id),
        body: { ...edit },
        words: words(edit),
      }),
    [isJob, owner],
  );
  const undo = useCallback(
    (reading: string, said: string) =>
      outbox.write({
        ...outgoing(isJob ? { job: owner } : { bay: owner }, 'undone', uuidv7()),
        body: { strikes: reading },
        words: keptWords.undoneSaid({ said }),
      }),
    [isJob, owner],
  );
  return { keep, undo };
}
