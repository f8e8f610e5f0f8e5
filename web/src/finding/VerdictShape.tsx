import type { Verdict } from '../api/client';
import { paint, type Paint } from '../ui/theme';
import { term } from '../words/terms';

export const VERDICT_PAINT: Record<Verdict, Paint> = {
  WITHIN: 'within',
  AT_EDGE: 'edge',
  OUT: 'out',
  NOT_KNOWN: 'quiet',
};

export const VERDICT_WORD: Record<Verdict, string> = {
  WITHIN: term('Verdict', 'WITHIN'),
  AT_EDGE: term('Verdict', 'AT_EDGE'),
  OUT: term('Verdict', 'OUT'),
  NOT_KNOWN: term('Verdict', 'NOT_KNOWN'),
};

/** The shape's outline in a box of 24 by 24. */
function Glyph({ verdict }: { verdict: Verdict }) {
  const colour = paint(VERDICT_PAINT[verdict]);
  switch (verdict) {
    case 'WITHIN':
      return (
        <>
          <circle cx="12" cy="12" r="10" fill={colour} />
          <path
            d="M7.5 12.5l3 3 6-6.5"
            fill="none"
            stroke={paint('onVerdict')}
            strokeWidth="2.4"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </>
      );
    case 'AT_EDGE':
      return <path d="M12 1.5L22.5 12 12 22.5 1.5 12z" fill={colour} />;
    case 'OUT':
      return <path d="M12 2l10 20H2z" fill={colour} />;
    case 'NOT_KNOWN':
      return <circle cx="12" cy="12" r="8.5" fill="none" stroke={colour} strokeWidth="2.4" />;
  }
}

/** A verdict's shape: check in a disc, diamond, spike or ring. */
export function VerdictShape({ verdict, size = 20 }: { verdict: Verdict; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      role="img"
      aria-label={VERDICT_WORD[verdict]}
      style={{ flexShrink: 0 }}
    >
      <Glyph verdict={verdict} />
    </svg>
  );
}

/** The same shape inside another drawing, centred on a point. */
export function VerdictMark({
  verdict,
  x,
  y,
  size,
}: {
  verdict: Verdict;
  x: number;
  y: number;
  size: number;
}) {
  return (
    <svg x={x - size / 2} y={y - size / 2} width={size} height={size} viewBox="0 0 24 24">
      <Glyph verdict={verdict} />
    </svg>
  );
}
