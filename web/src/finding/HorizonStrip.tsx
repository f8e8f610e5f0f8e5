import { Box } from '@chakra-ui/react';
import { useId, useRef } from 'react';
import { Link } from 'react-router';
import type { Horizon, Verdict } from '../api/client';
import { sentenceText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { useWidth } from '../drawing/useSize';
import { VERDICT_PAINT, VERDICT_WORD, VerdictMark } from './VerdictShape';
import { appWords } from '../words/page/app';
import { findingWords } from '../words/page/finding';

interface Sizes {
  height: number;
  line: number;
  sun: number;
  /** Height of the tallest mark, above or below. */
  reach: number;
  wordsAt: number;
  wordSize: string;
}

const LARGE: Sizes = { height: 72, line: 38, sun: 22, reach: 28, wordsAt: 49, wordSize: '16px' };
const SMALL: Sizes = { height: 78, line: 40, sun: 19, reach: 22, wordsAt: 58, wordSize: '13px' };

/** Parts of the page that is open are wider than stages that are only passed by. */
const HERE_WEIGHT = 1.25;

interface Span {
  from: number;
  width: number;
}

function spans(horizon: Horizon, width: number, here?: Set<number>): Span[] {
  const weights = horizon.parts.map((_, part) => (here?.has(part) ? HERE_WEIGHT : 1));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  let from = 0;
  return weights.map((weight) => {
    const span = { from, width: (width * weight) / all };
    from += span.width;
    return span;
  });
}

/** Where a name that is wider than its part goes on: at the ends of a strip only inwards. */
function insideOf({ from, width }: Span, all: number): 'right' | 'both' | 'left' {
  const middle = (from + width / 2) / all;
  return middle < 1 / 3 ? 'right' : middle > 2 / 3 ? 'left' : 'both';
}

/** Marks of one part stand side by side. */
function placeMarks(horizon: Horizon, places: Span[]) {
  const count = new Map<number, number>();
  const total = new Map<number, number>();
  for (const mark of horizon.marks) {
    total.set(mark.part, (total.get(mark.part) ?? 0) + 1);
  }
  return horizon.marks.map((mark) => {
    const index = count.get(mark.part) ?? 0;
    count.set(mark.part, index + 1);
    const many = total.get(mark.part) ?? 1;
    const { from, width } = places[mark.part] ?? { from: 0, width: 0 };
    const gap = Math.min(22, (width * 0.8) / many);
    return { mark, gap, x: from + width / 2 + (index - (many - 1) / 2) * gap };
  });
}

/**
 * A horizon: what is within hangs below the line by its margin, what is at the edge lies on it,
 * what is out stands above, what is not known is a ring.
 */
export function HorizonStrip({
  horizon,
  small = false,
  here,
  links,
  onMark,
}: {
  horizon: Horizon;
  /** Small ones name only the part where the work stands. */
  small?: boolean;
  /** Parts that the page shows: only their marks are asked for, all of them where not given. */
  here?: Set<number>;
  /** Where the parts lead to, by part. */
  links?: (string | undefined)[];
  onMark?: (findingId: string) => void;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const sizes = small ? SMALL : LARGE;
  const sky = useId();
  const places = spans(horizon, width, here);
  const sun = places[horizon.present] ?? { from: 0, width };
  const placed = placeMarks(horizon, places);
  const outs = horizon.marks.filter((mark) => mark.verdict === 'OUT').length;
  const halo = sizes.sun * 1.6;
  // a small strip's first and last part are narrower than the sun's halo
  const overflow = small ? 'visible' : 'hidden';
  return (
    <Box ref={box} position="relative" height={`${sizes.height}px`} minW="0" overflow={overflow}>
      <svg
        style={{ overflow }}
        width={width}
        height={sizes.height}
        role="img"
        aria-label={findingWords.standingAtPartsOut({
          parts: horizon.parts[horizon.present] ?? '',
          value: outs === 0 ? appWords.nothing() : outs,
        })}
      >
        <clipPath id={sky}>
          <rect x={-halo} y="0" width={width + 2 * halo} height={sizes.line} />
        </clipPath>
        <g clipPath={`url(#${sky})`}>
          <g
            style={{
              transform: `translateX(${sun.from + sun.width / 2}px)`,
              transition: 'transform 300ms',
            }}
          >
            <circle cy={sizes.line} r={halo} fill={paint('lampFill')} opacity="0.14" />
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
        {places.slice(1).map(({ from }, index) => (
          <line
            key={horizon.parts[index]}
            x1={from}
            x2={from}
            y1={sizes.line - 5}
            y2={sizes.line + 5}
            stroke={paint('rule')}
          />
        ))}
        {placed.map(({ mark, x, gap }) => (
          <Mark
            key={mark.findingId}
            verdict={mark.verdict}
            share={mark.share}
            x={x}
            gap={gap}
            sizes={sizes}
          />
        ))}
      </svg>
      {horizon.parts.map((part, index) =>
        small && index !== horizon.present ? null : (
          <PartName
            key={part}
            words={part}
            span={places[index] ?? sun}
            sizes={sizes}
            here={here?.has(index) ?? false}
            present={index === horizon.present}
            link={links?.[index]}
            towards={small ? insideOf(places[index] ?? sun, width) : 'both'}
          />
        ),
      )}
      {onMark &&
        placed
          .filter(({ mark }) => !here || here.has(mark.part))
          .map(({ mark, x }) => (
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

function PartName({
  words,
  span,
  sizes,
  here,
  present,
  link,
  towards,
}: {
  words: string;
  span: Span;
  sizes: Sizes;
  here: boolean;
  present: boolean;
  link: string | undefined;
  /** To which side words go on that are wider than their part. */
  towards: 'right' | 'both' | 'left';
}) {
  const box = {
    position: 'absolute',
    left: `${span.from}px`,
    width: `${span.width}px`,
    pt: `${sizes.wordsAt}px`,
    h: '100%',
    top: '0',
    px: '3px',
    // not textAlign: words that are wider than their part stay in its middle, or go on to one side
    display: 'flex',
    justifyContent: towards === 'both' ? 'center' : 'safe center',
    // what is too wide goes on from where the line begins
    direction: towards === 'left' ? 'rtl' : 'ltr',
    fontFamily: 'scale',
    fontSize: { base: '13px', md: sizes.wordSize },
    fontWeight: present ? '600' : '500',
    color: here ? 'lamp' : present ? 'ink' : 'quiet',
    whiteSpace: 'nowrap',
    overflow: 'visible',
  } as const;
  return link ? (
    <Box asChild {...box} _hover={{ color: 'ink' }}>
      <Link to={link}>{words}</Link>
    </Box>
  ) : (
    <Box {...box} pointerEvents="none">
      <bdi>{words}</bdi>
    </Box>
  );
}

function Mark({
  verdict,
  share,
  x,
  gap,
  sizes,
}: {
  verdict: Verdict;
  share: number;
  x: number;
  /** Room to the next mark: a crowd is drawn slimmer. */
  gap: number;
  sizes: Sizes;
}) {
  const colour = paint(VERDICT_PAINT[verdict]);
  switch (verdict) {
    case 'WITHIN': {
      const length = Math.max(4, Math.abs(share) * sizes.reach * 0.5);
      const thick = Math.max(1, Math.min(3.5, gap * 0.62));
      return (
        <rect
          x={x - thick / 2}
          y={sizes.line + 1}
          width={thick}
          height={length}
          rx={thick > 2 ? 1 : 0}
          fill={colour}
        />
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
