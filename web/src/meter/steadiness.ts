/** Readings that differ by less are the same figure to whoever reads it: a share, and in units. */
const SHARE = 0.01;
const LEAST = 0.02;

/** A display that does not move by one digit for so long is on hold, or reads nothing. */
const HELD = 10;

/** Whether a meter's figure still moves, stands, or has not changed by a digit for suspiciously long. */
export function steadiness(readings: readonly number[]): 'settling' | 'steady' | 'held' {
  const [before, last] = readings.slice(-2);
  if (before === undefined || last === undefined) {
    return 'settling';
  }
  if (Math.abs(last - before) > Math.max(LEAST, SHARE * Math.abs(last))) {
    return 'settling';
  }
  const tail = readings.slice(-HELD);
  return tail.length === HELD && last !== 0 && tail.every((one) => one === last)
    ? 'held'
    : 'steady';
}
