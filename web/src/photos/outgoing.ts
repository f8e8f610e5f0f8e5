import { uuidv7 } from 'uuidv7';
import type { Photo, PhotoNotes } from '../api/client';
import { outbox } from '../kept/outbox';
import { photosWords } from '../words/page/photos';

/** Sends a photo's file as it is, and tells its id. */
export async function sendPhoto(jobId: string, moment: Photo['moment'], file: File) {
  const id = uuidv7();
  await outbox.saveFile(
    {
      id,
      of: jobId,
      path: '/api/jobs/{jobId}/photos/{id}',
      params: { jobId, id },
      query: { moment },
      body: {},
      timed: true,
      page: ['photos', jobId],
      document: `photo ${id}`,
      words: file.name,
    },
    file,
  );
  return id;
}

/** What the notes of a photo are called while they wait. */
export const notesKey = (photoId: string) => `notes ${photoId}`;

/** Sends what is noted of a photo: a part that was changed of what was seen. */
export function sendNotes(
  jobId: string,
  notes: PhotoNotes,
  of: Photo,
  part: Partial<PhotoNotes>,
): void {
  outbox.save({
    of: jobId,
    path: '/api/jobs/{jobId}/photos/{id}/notes',
    params: { jobId, id: of.id },
    body: { ...notes },
    page: ['photos', jobId],
    document: notesKey(of.id),
    versionAt: ['photos', of.id, 'version'],
    change: { of, part },
    words: photosWords.notesOfAPhoto(),
  });
}
