import { Box } from '@chakra-ui/react';
import { useRef, type KeyboardEvent } from 'react';
import type { Photo, PhotoMarks } from '../api/client';
import { paint } from '../ui/theme';
import { useDrag } from '../drawing/useDrag';
import { shareAt, type Fit } from './photos';
import { photosWords } from '../words/page/photos';

const STEP = 0.001;
const ENDS = [
  ['left', 'leftX', 'leftY'],
  ['right', 'rightX', 'rightY'],
] as const;

type MarkX = (typeof ENDS)[number][1];
type MarkY = (typeof ENDS)[number][2];

const MOVES: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** The two tape marks of a photo, dragged or nudged onto the tape they show. */
export function MarkHandles({
  photo,
  marks,
  fit,
  onMove,
  onDone,
}: {
  photo: Photo;
  marks: PhotoMarks;
  fit: Fit;
  onMove: (marks: PhotoMarks) => void;
  onDone: (marks: PhotoMarks) => void;
}) {
  const placed = useRef(marks);
  const grip = useDrag(
    ({ end: [x, y], marks: from }: { end: readonly [MarkX, MarkY]; marks: PhotoMarks }, by) => {
      const [atX, atY] = shareAt(
        fit,
        photo,
        fit.left + from[x] * photo.widthPx * fit.scale + by.right,
        fit.top + from[y] * photo.heightPx * fit.scale + by.down,
      );
      placed.current = { ...from, [x]: atX, [y]: atY };
      onMove(placed.current);
    },
    () => onDone(placed.current),
  );
  return (
    <>
      {ENDS.map(([end, x, y]) => {
        const nudge = (event: KeyboardEvent) => {
          const move = MOVES[event.key];
          if (!move) {
            return;
          }
          event.preventDefault();
          const far = event.shiftKey ? 10 : 1;
          const keep = (share: number) => Math.min(1, Math.max(0, share));
          const next = {
            ...marks,
            [x]: keep(marks[x] + move[0] * far),
            [y]: keep(marks[y] + move[1] * far),
          };
          onMove(next);
          onDone(next);
        };
        return (
          <Box
            as="button"
            key={end}
            aria-label={photosWords.endTapeMarkArrowKeysMove({ end })}
            position="absolute"
            left={`${fit.left + marks[x] * photo.widthPx * fit.scale - 24}px`}
            top={`${fit.top + marks[y] * photo.heightPx * fit.scale - 24}px`}
            w="48px"
            h="48px"
            cursor="grab"
            touchAction="none"
            onKeyDown={nudge}
            {...grip({ end: [x, y], marks })}
          >
            <svg width="48" height="48" viewBox="0 0 48 48" aria-hidden="true">
              <circle cx="24" cy="24" r="15" fill="none" stroke={paint('ground')} strokeWidth="5" />
              <circle cx="24" cy="24" r="15" fill="none" stroke={paint('lamp')} strokeWidth="2.5" />
              <path d="M24 2V20M24 28V46M2 24H20M28 24H46" stroke={paint('lamp')} strokeWidth="2" />
            </svg>
          </Box>
        );
      })}
    </>
  );
}
