import { useEffect, useRef, useSyncExternalStore } from 'react';
import type { BayEdit, AdjusterEdit, FoundEdit, JobEdit } from '../api/client';
import { keptWords } from '../words/page/kept';
import { outbox, type Outgoing } from './outbox';

/** What a form settles, as it goes out; the form shows a conflict itself, where it is still open. */
type FormState = Outgoing & { document: string };

/** Sends what a form settles; throws with a sentence where it is refused while the form is open. */
export const writeForm = (state: FormState) => outbox.write({ ...state, form: true });

/** What waits of a form that was sent and closed; what is typed goes on from there. */
export const waitingOf = <T>(document: string): T | undefined =>
  outbox.all().findLast((one) => one.document === document)?.body as T | undefined;

/**
 * Whether what a form sent waits for the network.
 *
 * @param isSending whether the form itself hears what becomes of it
 * @param onKept called where it was kept later: what is typed goes on from the next version
 */
export function useFormWaits(
  document: string | undefined,
  isSending: boolean,
  onKept: () => void,
): boolean {
  const entries = useSyncExternalStore(outbox.subscribe, outbox.all);
  const entry = entries.findLast((one) => one.document && one.document === document);
  const waits = entry !== undefined && !entry.refused;
  const waited = useRef(false);
  useEffect(() => {
    if (waited.current && !entry && !isSending) {
      onKept();
    }
    waited.current = waits && !isSending;
  });
  return waits;
}

export const settingsKey = (jobId: string) => `settings ${jobId}`;

export const settingsState = (jobId: string, edit: JobEdit): FormState => ({
  of: jobId,
  path: '/api/jobs/{id}',
  params: { id: jobId },
  body: { ...edit },
  page: ['job', jobId],
  document: settingsKey(jobId),
  versionAt: ['job', 'version'],
  words: keptWords.settingsOfTheJob(),
});

export const screwKey = (id: string) => `screw ${id}`;

export const screwState = (
  jobId: string,
  vehicleId: string,
  id: string,
  edit: AdjusterEdit,
): FormState => ({
  of: jobId,
  path: '/api/vehicles/{vehicleId}/adjusters/{id}',
  params: { vehicleId, id },
  body: { ...edit },
  page: ['job', jobId],
  asksAnew: true,
  document: screwKey(id),
  words: keptWords.anAdjuster(),
});

export const bayKey = (id: string) => `bay ${id}`;

export const bayState = (id: string, edit: BayEdit): FormState => ({
  of: id,
  path: '/api/bays/{id}',
  params: { id },
  body: { ...edit },
  page: ['bay', id],
  asksAnew: true,
  document: bayKey(id),
  words: keptWords.nameOfTheBay(),
});

export const foundKey = (jobId: string) => `found ${jobId}`;

export const foundState = (jobId: string, version: number, found: FoundEdit): FormState => ({
  of: jobId,
  path: '/api/jobs/{jobId}/found',
  params: { jobId },
  body: { version, found },
  page: ['take-in', jobId],
  document: foundKey(jobId),
  versionAt: ['foundVersion'],
  words: keptWords.whatThisJobFound(),
});
