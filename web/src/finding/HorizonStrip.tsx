import { Box } from '@chakra-ui/react';
import { useId, useRef } from 'react';
import type { Horizon, Verdict } from '../app/api/client';
import { sentenceText, useUnits } from '../app/session';
import { paint } from '../app/theme';
import { useWidth } from '../drawing/useSize';
import { VERDICT_PAINT, VERDICT_WORD, VerdictMark } from './VerdictShape';

interface Sizes {
  height: number;
  line: number;
  sun: number;
  /** Height of the tallest mark, above or below. */
  reach: number;
  wordsAt: number;
  wordSize: string;
}

const LARGE: Sizes = { height: 84, line: 44, sun: 24, reach: 30, wordsAt: 61, wordSize: '16px' };
const SMALL: Sizes = { height: 78, line: 40, sun: 19, reach: 22, wordsAt: 58, wordSize: '13px' };

/** The parts' places along the line, evenly; marks of one part stand side by side. */
function placeMarks(horizon: Horizon, width: number) {
  const step = width / horizon.parts.length;
  const count = new Map<number, number>();
  const total = new Map<number, number>();
  for (const mark of horizon.marks) {
    total.set(mark.part, (total.get(mark.part) ?? 0) + 1);
  }
  return horizon.marks.map((mark) => {
    const index = count.get(mark.part) ?? 0;
    count.set(mark.part, index + 1);
    const many = total.get(mark.part) ?? 1;
    const gap = Math.min(22, (step * 0.8) / many);
    return { mark, x: step * (mark.part + 0.5) + (index - (many - 1) / 2) * gap };
  });
}

/**
 * A job's horizon: what is within hangs below the line by its margin, what is at the edge lies on it,
 * what is out stands above, what is not known is a ring.
 */
export function HorizonStrip({
  horizon,
  small = false,
  onMark,
}: {
  horizon: Horizon;
  small?: boolean;
  onMark?: (findingId: string) => void;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const sizes = small ? SMALL : LARGE;
  const sky = useId();
  const step = width / horizon.parts.length;
  const sunX = step * (horizon.present + 0.5);
  const outs = horizon.marks.filter((mark) => mark.verdict === 'OUT').length;
  return (
    <Box ref={box} position="relative" height={`${sizes.height}px`} overflow="hidden">
      <svg
        width={width}
        height={sizes.height}
        role="img"
        aria-label={`Horizon: at ${horizon.parts[horizon.present]}, ${
          outs === 0 ? 'nothing' : outs
        } above the line`}
      >
        <clipPath id={sky}>
          <rect x="0" y="0" width={width} height={sizes.line} />
        </clipPath>
        <g clipPath={`url(#${sky})`}>
          <g style={{ transform: `translateX(${sunX}px)`, transition: 'transform 300ms' }}>
            <circle cy={sizes.line} r={sizes.sun * 1.6} fill={paint('lampFill')} opacity="0.14" />
            <circle cy={sizes.line} r={sizes.sun} fill={paint('lampFill')} opacity="0.92" />
          </g>
        </g>
        <line
          x1="0"
          x2={width}
          y1={sizes.line}
          y2={sizes.line}
          stroke={paint('rule')}
          strokeWidth="1"
        />
        {horizon.parts.slice(1).map((part, index) => (
          <line
            key={part}
            x1={step * (index + 1)}
            x2={step * (index + 1)}
            y1={sizes.line - 5}
            y2={sizes.line + 5}
            stroke={paint('rule')}
          />
        ))}
        {placeMarks(horizon, width).map(({ mark, x }) => (
          <Mark
            key={mark.findingId}
            verdict={mark.verdict}
            share={mark.share}
            x={x}
            sizes={sizes}
          />
        ))}
      </svg>
      {horizon.parts.map((part, index) => (
        <Box
          key={part}
          position="absolute"
          left={`${step * index}px`}
          width={`${step}px`}
          top={`${sizes.wordsAt}px`}
          textAlign="center"
          fontFamily="scale"
          fontSize={{ base: '13px', md: sizes.wordSize }}
          fontWeight={index === horizon.present ? '600' : '500'}
          color={index === horizon.present ? 'ink' : 'quiet'}
          pointerEvents="none"
          whiteSpace="nowrap"
        >
          {part}
        </Box>
      ))}
      {onMark &&
        placeMarks(horizon, width).map(({ mark, x }) => (
          <Box
            as="button"
            key={mark.findingId}
            position="absolute"
            left={`${x - 10}px`}
            top="0"
            width="20px"
            height="60px"
            cursor="pointer"
            title={sentenceText(mark.says, units)}
            aria-label={`${VERDICT_WORD[mark.verdict]}: ${sentenceText(mark.says, units)}`}
            onClick={() => onMark(mark.findingId)}
          />
        ))}
    </Box>
  );
}

function Mark({
  verdict,
  share,
  x,
  sizes,
}: {
  verdict: Verdict;
  share: number;
  x: number;
  sizes: Sizes;
}) {
  const colour = paint(VERDICT_PAINT[verdict]);
  switch (verdict) {
    case 'WITHIN': {
      const length = Math.max(4, Math.abs(share) * sizes.reach * 0.5);
      return (
        <rect x={x - 1.75} y={sizes.line + 1} width="3.5" height={length} rx="1" fill={colour} />
      );
    }
    case 'OUT': {
      const height = Math.max(12, Math.abs(share) * sizes.reach);
      return (
        <path
          d={`M${x} ${sizes.line - height}l5 ${height}h-10z`}
          fill={colour}
          stroke={paint('ground')}
          strokeWidth="1"
        />
      );
    }
    case 'AT_EDGE':
      return <VerdictMark verdict={verdict} x={x} y={sizes.line} size={12} />;
    case 'NOT_KNOWN':
      return (
        <circle
          cx={x}
          cy={sizes.line}
          r="4.2"
          fill={paint('ground')}
          stroke={paint('ink')}
          strokeWidth="1.8"
        />
      );
  }
}
