import { useEffect } from 'react';
import type { Photo, PhotoNotes, PhotosPage } from '../api/client';
import { outbox, type Waiting } from '../kept/outbox';
import { useWaiting } from '../kept/Tape';
import { useUnits } from '../ui/session';
import { appWords } from '../words/page/app';
import { notesKey, sendNotes } from './outgoing';
import { notesOf, untouched } from './photos';

interface Change {
  of: Photo;
  part: Partial<PhotoNotes>;
}

const changeOf = (one: Waiting) => one.change as unknown as Change;
const theirsOf = (one: Waiting) => one.conflict?.theirs as Photo;

/** A photo with other notes; a distance is read once it is sent. */
const withNotes = (photo: Photo, notes: PhotoNotes): Photo => ({
  ...photo,
  ...notes,
  version: photo.version,
  from: notes.fromTyped === photo.fromTyped ? photo.from : undefined,
});

/**
 * Photos with what is noted of them, as it will be once all is sent. What others noted of the same
 * photo meanwhile stays where it is of something else.
 */
export function usePhotoNotes(page: PhotosPage) {
  const units = useUnits();
  const jobId = page.job.id;
  const waiting = useWaiting(jobId).filter((one) => one.change);
  const entryOf = (photo: Photo) => waiting.findLast((one) => one.document === notesKey(photo.id));
  const photos = page.photos.map((photo): Photo => {
    const entry = entryOf(photo);
    return entry ? withNotes(photo, entry.body as unknown as PhotoNotes) : photo;
  });
  /** The change, made of what somebody else left. */
  const carryOver = (one: Waiting) => {
    const theirs = theirsOf(one);
    outbox.insist(notesKey(theirs.id), theirs.version, {
      ...notesOf(theirs, units),
      ...changeOf(one).part,
    });
  };
  const apart = waiting.find(
    (one) => one.conflict && untouched(changeOf(one).part, changeOf(one).of, theirsOf(one)),
  );
  useEffect(() => {
    if (apart) {
      carryOver(apart);
    }
  });
  const change = (shown: Photo) => (part: Partial<PhotoNotes>) => {
    const before = entryOf(shown);
    const all = { ...(before && changeOf(before).part), ...part };
    const version = Number(before?.body.version ?? shown.version);
    sendNotes(
      jobId,
      { ...notesOf(shown, units), ...part, version },
      before ? changeOf(before).of : shown,
      all,
    );
  };
  const held = waiting.find((one) => one.refused ?? (one.conflict && one !== apart));
  return {
    photos,
    change,
    /** Why something of it is not kept; again and drop are asked for by a press, not unseen. */
    problem: held && {
      words:
        held.refused ??
        appWords.changedMeanwhileByChangedBy({ changedBy: held.conflict?.changedBy ?? '' }),
      again: () => (held.conflict ? carryOver(held) : outbox.again(held.document ?? '')),
      drop: () => outbox.drop(held.id),
    },
  };
}
