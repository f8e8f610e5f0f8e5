import { Box } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Photo, PhotoMarks } from '../api/client';
import { useSize } from '../drawing/useSize';
import { MarkHandles } from './MarkHandles';
import { fitPicture, imageOf } from './photos';
import { photosWords } from '../words/page/photos';

/** One photo, whole, with its two tape marks. */
export function PhotoStage({
  photo,
  onMarks,
}: {
  photo: Photo;
  onMarks: (marks: PhotoMarks) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const [moving, setMoving] = useState<PhotoMarks>();
  const fit = fitPicture(photo, size);
  const marks = moving ?? photo.marks;
  return (
    <Box ref={box} position="relative" h="100%" overflow="hidden" bg="floor">
      <img
        src={imageOf(photo)}
        alt={photo.shows || photosWords.photoWithoutANote()}
        width={photo.widthPx}
        height={photo.heightPx}
        style={{
          position: 'absolute',
          left: fit.left,
          top: fit.top,
          width: photo.widthPx * fit.scale,
          height: photo.heightPx * fit.scale,
          maxWidth: 'none',
        }}
      />
      {marks && (
        <MarkHandles
          photo={photo}
          marks={marks}
          fit={fit}
          onMove={setMoving}
          onDone={(done) => {
            onMarks(done);
            setMoving(undefined);
          }}
        />
      )}
    </Box>
  );
}
