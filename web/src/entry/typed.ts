import type { Units } from '../api/client';
import { appWords } from '../words/page/app';

const SIXTEENTH_MM = 25.4 / 16;

/** The finest step that is nudged in a unit system, in mm. */
export function nudgeMm(units: Units): number {
  return units === 'METRIC' ? 1 : SIXTEENTH_MM;
}

/** A length rounded to what a tape shows, in mm. */
export function onTape(mm: number, units: Units): number {
  const step = nudgeMm(units);
  return Math.round(mm / step) * step;
}

/** A length as one would type it, without a unit: "55", "2 7/8". */
export function typedLength(mm: number, units: Units): string {
  if (units === 'METRIC') {
    return String(Math.round(mm));
  }
  const parts = Math.round(Math.abs(mm) / SIXTEENTH_MM);
  const sign = mm < 0 && parts > 0 ? '-' : '';
  return sign + mixed(parts, 16);
}

/** Less than this is lost when a length is shown in a field and read again, in mm. */
const SAME_MM = 0.05;

/**
 * A length as a field shows it so that it reads back as it was: sixteenths of an inch where it is
 * some, else millimetres with their unit.
 */
export function faithfulLength(mm: number, units: Units): string {
  if (units === 'IMPERIAL' && Math.abs(onTape(mm, units) - mm) < SAME_MM) {
    return typedLength(mm, units);
  }
  const tenths = String(Math.round(mm * 10) / 10);
  return units === 'METRIC' || tenths === '0' ? tenths : `${tenths} mm`;
}

/** Lengths in one line with slashes between: "90 / 60", "3 1/2 / 2"; fractions want room around them. */
export function lengthsIn(line: string): string[] {
  const parts = /\s\/\s/.test(line) ? line.split(/\s+\/(?:\s+|$)/) : line.split('/');
  return parts.map((part) => part.trim()).filter(Boolean);
}

/** A length as the tape's figures show it, thousands apart: "1 870", "73 5/8". */
export function shownLength(mm: number, units: Units): string {
  const typed = typedLength(mm, units);
  return units === 'METRIC' ? typed.replace(/(\d)(?=(\d{3})+$)/g, '$1\u2009') : typed;
}

/** Turns as one would type them: "1 1/2", with the direction in words. */
export function typedTurns(turns: number): string {
  const eighths = Math.round(Math.abs(turns) * 8);
  return `${mixed(eighths, 8)} ${turns < 0 ? appWords.anticlockwise() : appWords.clockwise()}`;
}

/** A number of parts as whole and fraction in lowest terms. */
export function mixed(parts: number, below: number): string {
  const whole = Math.floor(parts / below);
  let above = parts % below;
  let under = below;
  while (above > 0 && above % 2 === 0) {
    above /= 2;
    under /= 2;
  }
  if (above === 0) {
    return String(whole);
  }
  return whole === 0 ? `${above}/${under}` : `${whole} ${above}/${under}`;
}
