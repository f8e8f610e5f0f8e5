import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Photo, PhotoNotes, PhotosPage } from '../api/client';
import { notePhoto } from '../api/queries';
import { useUnits } from '../ui/session';
import { conflictOf } from '../kept/conflict';
import { notesOf, untouched } from './photos';

/** Notes of photos; what others noted of the same photo meanwhile stays where it is of something else. */
export function usePhotoNotes(page: PhotosPage) {
  const client = useQueryClient();
  const units = useUnits();
  const jobId = page.job.id;
  const note = useMutation({
    mutationFn: async ({ photo, part }: { photo: Photo; part: Partial<PhotoNotes> }) => {
      const put = (on: Photo) => notePhoto(jobId, photo.id, { ...notesOf(on, units), ...part });
      try {
        return await put(photo);
      } catch (refusal) {
        const theirs = conflictOf(refusal)?.theirs as Photo | undefined;
        if (theirs && untouched(part, photo, theirs)) {
          return put(theirs);
        }
        throw refusal;
      }
    },
    onSuccess: (fresh) => client.setQueryData(['photos', jobId], fresh),
    onError: () => void client.invalidateQueries({ queryKey: ['photos', jobId] }),
  });
  /** What was refused, on the photo as it is shown by now: asked for by a press, not unseen. */
  const again = ({ photo, part }: { photo: Photo; part: Partial<PhotoNotes> }) =>
    note.mutate({ photo: page.photos.find((one) => one.id === photo.id) ?? photo, part });
  const change = (photo: Photo) => (part: Partial<PhotoNotes>) => note.mutate({ photo, part });
  return { note, again, change };
}
