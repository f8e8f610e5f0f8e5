import type { FrontEdit, LampPairEdit, SpotEdit, Units } from '../app/api/client';
import { useUnits } from '../app/session';
import { BothVersions, type Line } from '../kept/BothVersions';
import { faithfulLength, shownLength } from '../entry/typed';
import { TAPE_MM, USUAL_FITTING_MM } from './shapes';

/** Two versions of a front, line by line where they differ. */
export function FrontConflict({
  theirName,
  theirs,
  mine,
}: {
  theirName: string;
  theirs: FrontEdit;
  mine: FrontEdit;
}) {
  const units = useUnits();
  return <BothVersions theirName={theirName} lines={differences(theirs, mine, units)} />;
}

/** What differs between two fronts, in words. */
export function differences(theirs: FrontEdit, mine: FrontEdit, units: Units): Line[] {
  const lines: Line[] = [];
  const note = (what: string, their: string, my: string) => {
    if (their !== my) {
      lines.push({ what, their, my });
    }
  };
  note('Rules', theirs.ruleSets.join(', '), mine.ruleSets.join(', '));
  const names = (front: FrontEdit) => front.keepOuts.map((one) => one.name).join(', ') || 'nothing';
  const back = (front: FrontEdit) =>
    front.bumperSetbackMm === undefined
      ? 'not measured'
      : shownLength(front.bumperSetbackMm, units);
  note('Bumper back at its side', back(theirs), back(mine));
  const wide = (front: FrontEdit) =>
    shownLength(front.widthMm, units) + (front.widthGuessed ? ', a guess' : '');
  note('Width of the vehicle', wide(theirs), wide(mine));
  const fitting = (front: FrontEdit) => shownLength(front.fittingMm ?? USUAL_FITTING_MM, units);
  note('Fitting allowance', fitting(theirs), fitting(mine));
  const readTo = (front: FrontEdit) => faithfulLength(front.readToMm ?? TAPE_MM, units);
  note('Tape reading accuracy, ±', readTo(theirs), readTo(mine));
  note('In the way', names(theirs), names(mine));
  const ids = new Set([...theirs.pairs, ...mine.pairs].map((pair) => pair.id));
  for (const id of ids) {
    const their = theirs.pairs.find((pair) => pair.id === id);
    const my = mine.pairs.find((pair) => pair.id === id);
    const name = my?.name ?? their?.name ?? id;
    note(`${name}, left`, place(their?.left, units), place(my?.left, units));
    note(`${name}, right`, place(their?.right, units), place(my?.right, units));
    const known = (pair: LampPairEdit) =>
      pair.guessed?.map((one) => `${GUESSES[one]} a guess`).join(', ') || 'measured';
    if (their && my) {
      note(`${name}, as drawn`, known(their), known(my));
    }
    if (their && my && made(their) !== made(my)) {
      lines.push({
        what: `${name}, the lamp itself`,
        their: size(their, units),
        my: size(my, units),
      });
    }
  }
  return lines;
}

function place(spot: SpotEdit | undefined, units: Units) {
  return spot
    ? `${shownLength(spot.outMm, units)} out, ${shownLength(spot.heightMm, units)} high, ${spot.headingDeg}°`
    : 'not on it';
}

const GUESSES = { PLACE: 'place', HEADING: 'direction', WIDTH: 'width' } as const;

const made = (pair: LampPairEdit) =>
  JSON.stringify({ ...pair, left: undefined, right: undefined, guessed: undefined });

function size(pair: LampPairEdit, units: Units) {
  const lit = pair.heads[0]?.lit;
  const across = lit?.widthMm ? `${shownLength(lit.widthMm, units)} wide, ` : '';
  return `${across}${pair.holes.length} holes${pair.intensityCd ? `, ${pair.intensityCd} cd` : ''}`;
}
