import { Box } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Photo, PhotoComparison } from '../api/client';
import { useSize } from '../drawing/useSize';
import { fitPicture, imageOf } from './photos';
import { photosWords } from '../words/page/photos';

/** The later photo laid over the earlier: a slider uncovers the one or the other. */
export function LaidOver({
  before,
  after,
  lay,
}: {
  before: Photo;
  after: Photo;
  lay: PhotoComparison['lay'];
}) {
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const [share, setShare] = useState(50);
  const fit = fitPicture(before, size);
  const own = fitPicture(after, size);
  // without marks the later one is fitted into the same box
  const matrix = lay
    ? `matrix(${[
        lay.a * fit.scale,
        lay.b * fit.scale,
        -lay.b * fit.scale,
        lay.a * fit.scale,
        lay.dx * fit.scale + fit.left,
        lay.dy * fit.scale + fit.top,
      ].join(',')})`
    : `matrix(${[own.scale, 0, 0, own.scale, own.left, own.top].join(',')})`;
  const cut = (share / 100) * size.width;
  return (
    <Box display="flex" flexDirection="column" h="100%">
      <Box ref={box} flex="1" minH="0" position="relative" overflow="hidden" bg="floor">
        <svg width={size.width} height={size.height} style={{ display: 'block' }}>
          <title>{photosWords.beforeLeftOfTheLineAfter({ shows: before.shows })}</title>
          <clipPath id="later">
            <rect x={cut} width={Math.max(0, size.width - cut)} height={size.height} />
          </clipPath>
          <image
            href={imageOf(before)}
            width={before.widthPx}
            height={before.heightPx}
            transform={`translate(${fit.left} ${fit.top}) scale(${fit.scale})`}
          />
          <g clipPath="url(#later)">
            <rect width={size.width} height={size.height} fill="var(--chakra-colors-floor)" />
            <image
              href={imageOf(after)}
              width={after.widthPx}
              height={after.heightPx}
              transform={matrix}
            />
          </g>
          <line
            x1={cut}
            x2={cut}
            y2={size.height}
            stroke="var(--chakra-colors-lamp-fill)"
            strokeWidth="2"
          />
        </svg>
      </Box>
      <Box display="flex" alignItems="center" gap="14px" px="14px" minH="56px" bg="panel">
        <span>{photosWords.before()}</span>
        <input
          type="range"
          aria-label={photosWords.howMuchOfTheEarlierPhoto()}
          min="0"
          max="100"
          value={share}
          onChange={(event) => setShare(Number(event.target.value))}
          style={{ flex: 1, height: 48, accentColor: 'var(--chakra-colors-lamp-fill)' }}
        />
        <span>{photosWords.after()}</span>
      </Box>
    </Box>
  );
}
