import { uuidv7 } from 'uuidv7';
import type { EntryEdit } from '../api/client';
import { outbox, workshopEntry } from './outbox';

/** What an entry says, without what only its sending needs. */
export type EntrySaid = Omit<EntryEdit, 'waitedMs'>;

/** Writes something down of the work at a job. */
export const writeEntry = (jobId: string, said: EntrySaid, words: string) =>
  outbox.write({ ...workshopEntry(jobId, uuidv7(), said), words });
