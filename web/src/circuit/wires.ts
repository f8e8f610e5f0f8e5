import type { CircuitDrawing, FeedPart } from '../api/client';

/** The insulation of a wire as it is drawn; its name stands beside it, so that colour is no code. */
const COLOURS: Record<string, string> = {
  red: '#d2544a',
  black: '#4a4548',
  white: '#f2efe8',
  yellow: '#e2bf3e',
  orange: '#d98a3c',
  brown: '#8b5e3c',
  violet: '#8d6bb0',
  blue: '#4f80bd',
  green: '#579a63',
  grey: '#8f8f8f',
};

export function wireColour(part: FeedPart | undefined): string {
  return COLOURS[part?.values.colour ?? ''] ?? '#8f8f8f';
}

const LEAST_WIDTH = 2;
const WIDTH_PER_ROOT_MM2 = 2.2;

/** How thick a wire is drawn, by its section: "1.5 mm²", or a gauge. */
export function wireWidth(part: FeedPart | undefined): number {
  const size = part?.values.size ?? '';
  const gauge = /^AWG (\d+)$/.exec(size);
  const mm2 = gauge ? 53.5 * 1.261 ** -Number(gauge[1]) : Number.parseFloat(size);
  return Number.isFinite(mm2) ? LEAST_WIDTH + WIDTH_PER_ROOT_MM2 * (Math.sqrt(mm2) - 0.7) : 2;
}

/** A polyline's points as an SVG attribute. */
export function points(spots: CircuitDrawing['paths'][number]['spots']): string {
  return spots.map((spot) => `${spot.x.toFixed(1)},${spot.y.toFixed(1)}`).join(' ');
}

/** Between these scales the names and figures of a circuit are legible. */
export const LEGIBLE = [0.82, 1.12] as const;
