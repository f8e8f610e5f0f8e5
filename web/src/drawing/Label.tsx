import type { ReactNode } from 'react';
import { paint, type Paint } from '../ui/theme';

const FAMILY = {
  text: "'Barlow', sans-serif",
  figure: "'Barlow Semi Condensed', 'Barlow', sans-serif",
  scale: "'Barlow Condensed', 'Barlow', sans-serif",
} as const;

/** Words in a drawing. Looks are set as style, since the page's reset outranks attributes. */
export function Label({
  x,
  y,
  as = 'text',
  size = 14,
  weight = as === 'text' ? 400 : 600,
  colour = 'ink',
  anchor = 'start',
  children,
}: {
  x: number;
  y: number;
  as?: keyof typeof FAMILY;
  size?: number;
  weight?: number;
  colour?: Paint;
  anchor?: 'start' | 'middle' | 'end';
  children: ReactNode;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fill={paint(colour)}
      style={{ fontFamily: FAMILY[as], fontSize: `${size}px`, fontWeight: weight }}
    >
      {children}
    </text>
  );
}
