import type { Photo, PhotoMarks, PhotoNotes, Units } from '../api/client';
import { photosWords } from '../words/page/photos';

export const MOMENTS = [
  ['BEFORE', photosWords.beforeSmall()],
  ['AFTER', photosWords.afterSmall()],
  ['OTHER', photosWords.onTheWay()],
] as const satisfies readonly (readonly [Photo['moment'], string])[];

export const LOCKS = [
  ['focusLocked', photosWords.focusLocked()],
  ['exposureLocked', photosWords.exposureLocked()],
  ['balanceLocked', photosWords.whiteBalanceLocked()],
] as const;

export const imageOf = (photo: Photo) => `/api/photos/${photo.id}/image`;
export const thumbnailOf = (photo: Photo) => `/api/photos/${photo.id}/thumbnail`;

/** What is noted of a photo, as it would be sent to be changed. */
export function notesOf(photo: Photo, units: Units): PhotoNotes {
  return {
    version: photo.version,
    moment: photo.moment,
    shows: photo.shows,
    fromTyped: photo.fromTyped,
    units,
    focusLocked: photo.focusLocked,
    exposureLocked: photo.exposureLocked,
    balanceLocked: photo.balanceLocked,
    marks: photo.marks,
    putAside: photo.putAside,
  };
}

/** Whether somebody else's version left untouched what is being changed. */
export const untouched = (part: Partial<PhotoNotes>, shown: Photo, theirs: Photo) =>
  (Object.keys(part) as (keyof PhotoNotes & keyof Photo)[]).every(
    (key) => JSON.stringify(shown[key]) === JSON.stringify(theirs[key]),
  );

/** The two photos that are held against each other: the last one before and the last one after. */
export function pairOf(photos: Photo[]): { before?: Photo; after?: Photo } {
  const shown = photos.filter((photo) => !photo.putAside).toReversed();
  return {
    before: shown.find((photo) => photo.moment === 'BEFORE'),
    after: shown.find((photo) => photo.moment === 'AFTER'),
  };
}

/** A picture's place in a box: as large as it goes in whole, in the middle. */
export interface Fit {
  left: number;
  top: number;
  scale: number;
}

export function fitPicture(
  picture: { widthPx: number; heightPx: number },
  box: { width: number; height: number },
): Fit {
  const scale = Math.max(
    1e-6,
    Math.min(box.width / picture.widthPx, box.height / picture.heightPx),
  );
  return {
    scale,
    left: (box.width - picture.widthPx * scale) / 2,
    top: (box.height - picture.heightPx * scale) / 2,
  };
}

const share = (value: number) => Math.min(1, Math.max(0, value));

/** The share of the picture's width and height under a point of the box. */
export function shareAt(
  fit: Fit,
  picture: { widthPx: number; heightPx: number },
  x: number,
  y: number,
): [number, number] {
  return [
    share((x - fit.left) / (picture.widthPx * fit.scale)),
    share((y - fit.top) / (picture.heightPx * fit.scale)),
  ];
}

/** Where marks start until they are moved. */
export const FIRST_MARKS: PhotoMarks = { leftX: 0.3, leftY: 0.5, rightX: 0.7, rightY: 0.5 };
