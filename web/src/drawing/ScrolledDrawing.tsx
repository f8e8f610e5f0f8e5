import { Box } from '@chakra-ui/react';
import { useEffect, useRef, type ReactNode } from 'react';
import { DrawingGround } from './DrawingGround';
import { fitScale } from './fitScale';
import type { Size } from './useSize';

interface Scrolled {
  /** What is to be seen, for those who hear the page. */
  label: string;
  /** The same for the part of the page that is scrolled. */
  region: string;
  /** Names the drawing itself. */
  title: string;
  /** In the drawing’s own units. */
  width: number;
  height: number;
  /** Smaller than the first it is not legible, larger than the second it is not drawn. */
  scales: readonly [number, number];
  /** Brought to the middle where not all of the drawing is seen. */
  shown?: { x: number; y: number } | undefined;
  /** What is drawn, in a room that is at least as large as it. */
  children: (width: number, height: number) => ReactNode;
}

/** A drawing that is fitted to its room as far as it stays legible, and scrolled beyond that. */
export function ScrolledDrawing(drawing: Scrolled) {
  return (
    <DrawingGround label={drawing.label} ground="ground">
      {(size) => <Fitted drawing={drawing} size={size} />}
    </DrawingGround>
  );
}

function Fitted({ drawing, size }: { drawing: Scrolled; size: Size }) {
  const scale = fitScale(drawing, size, drawing.scales);
  const width = Math.max(drawing.width, size.width / scale);
  const height = Math.max(drawing.height, size.height / scale);
  const box = useShown(drawing.shown, scale);
  return (
    <Box
      ref={box}
      w="100%"
      h="100%"
      overflow="auto"
      tabIndex={0}
      role="region"
      aria-label={drawing.region}
    >
      <svg
        width={width * scale}
        height={height * scale}
        viewBox={`0 0 ${String(width)} ${String(height)}`}
        style={{ display: 'block' }}
        role="group"
        aria-label={drawing.title}
      >
        {drawing.children(width, height)}
      </svg>
    </Box>
  );
}

function useShown(spot: { x: number; y: number } | undefined, scale: number) {
  const box = useRef<HTMLDivElement>(null);
  const [x, y] = [spot?.x, spot?.y];
  useEffect(() => {
    const within = box.current;
    if (within && x !== undefined && y !== undefined) {
      within.scrollLeft = x * scale - within.clientWidth / 2;
      within.scrollTop = y * scale - within.clientHeight / 2;
    }
  }, [x, y, scale]);
  return box;
}
