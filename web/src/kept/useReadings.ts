import { uuidv7 } from 'uuidv7';
import type { Reading, ReadingEdit } from '../api/client';
import { keptWords } from '../words/page/kept';
import { sideWord, term } from '../words/terms';
import { outbox, type Waiting } from './outbox';
import { strikersOf, useWaiting } from './Tape';

/** A reading to keep; its id is made before the first try, so that a second adds nothing. */
export interface ReadingToKeep {
  id?: string;
  edit: ReadingEdit;
}

export type KeepReading = (reading: ReadingToKeep) => Promise<unknown>;

/** As much of a reading as tells what it is of, and whether it counts. */
export type KnownReading = Pick<
  Reading,
  'id' | 'kind' | 'lamp' | 'side' | 'adjusterId' | 'struckBy'
>;

function words({ kind, side, typed }: ReadingEdit) {
  const thing = term('ReadingKind', kind);
  return side
    ? keptWords.readingOfSide({ thing, side: sideWord(side), typed })
    : keptWords.reading({ thing, typed });
}

const isReading = (one: Waiting) => one.path.endsWith('/readings/{id}') && !one.refused;

/**
 * What was read of a job or bay, as it will be once all is sent, and keeping and taking back also
 * while the network is away.
 */
export function useReadings(page: 'job' | 'bay', owner: string, readings: Reading[] = []) {
  const waiting = useWaiting(owner);
  const strikers = strikersOf(waiting);
  const shown = readings.map((one) => ({ ...one, struckBy: one.struckBy ?? strikers.get(one.id) }));
  /** Those that wait too: what is typed once more corrects them. */
  const known: KnownReading[] = [
    ...shown,
    ...waiting.filter(isReading).map(({ id, body }) => ({
      lamp: 'DIPPED' as const,
      ...(body as unknown as ReadingEdit),
      id,
      struckBy: strikers.get(id),
    })),
  ];
  const outgoing = (what: 'readings' | 'undone', id: string) => ({
    id,
    of: owner,
    path: `/api/${page}s/{${page}Id}/${what}/{id}`,
    params: { [`${page}Id`]: owner, id },
    page: [page, owner],
    timed: true,
  });
  const keep: KeepReading = ({ id = uuidv7(), edit }) =>
    outbox.write({ ...outgoing('readings', id), body: { ...edit }, words: words(edit) });
  const undo = (reading: string, said: string) =>
    outbox.write({
      ...outgoing('undone', uuidv7()),
      body: { strikes: reading },
      words: keptWords.undoneSaid({ said }),
    });
  return { shown, known, keep, undo };
}
