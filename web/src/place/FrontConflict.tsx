import type { FrontEdit, LampPairEdit, SpotEdit, Units } from '../app/api/client';
import { useUnits } from '../app/session';
import { BothVersions, type Line } from '../kept/BothVersions';
import { faithfulLength, shownLength } from '../entry/typed';
import { TAPE_MM, USUAL_FITTING_MM } from './shapes';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

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
  note(appWords.rules(), theirs.ruleSets.join(', '), mine.ruleSets.join(', '));
  const names = (front: FrontEdit) =>
    front.keepOuts.map((one) => one.name).join(', ') || appWords.nothing();
  const back = (front: FrontEdit) =>
    front.bumperSetbackMm === undefined
      ? placeWords.notMeasured()
      : shownLength(front.bumperSetbackMm, units);
  note(placeWords.bumperSetBackAtItsSide(), back(theirs), back(mine));
  const wide = (front: FrontEdit) =>
    shownLength(front.widthMm, units) + (front.widthGuessed ? placeWords.aGuess() : '');
  note(placeWords.widthOfTheVehicle(), wide(theirs), wide(mine));
  const fitting = (front: FrontEdit) => shownLength(front.fittingMm ?? USUAL_FITTING_MM, units);
  note(placeWords.fittingAllowance(), fitting(theirs), fitting(mine));
  const readTo = (front: FrontEdit) => faithfulLength(front.readToMm ?? TAPE_MM, units);
  note(placeWords.tapeReadingAccuracy(), readTo(theirs), readTo(mine));
  note(placeWords.inTheWay(), names(theirs), names(mine));
  const ids = new Set([...theirs.pairs, ...mine.pairs].map((pair) => pair.id));
  for (const id of ids) {
    const their = theirs.pairs.find((pair) => pair.id === id);
    const my = mine.pairs.find((pair) => pair.id === id);
    const name = my?.name ?? their?.name ?? id;
    note(placeWords.nameLeft({ name }), place(their?.left, units), place(my?.left, units));
    note(placeWords.nameRight({ name }), place(their?.right, units), place(my?.right, units));
    const known = (pair: LampPairEdit) =>
      pair.guessed?.map((one) => placeWords.aGuessAt({ what: GUESSES[one] })).join(', ') ||
      placeWords.measured();
    if (their && my) {
      note(placeWords.nameAsDrawn({ name }), known(their), known(my));
    }
    if (their && my && made(their) !== made(my)) {
      lines.push({
        what: placeWords.nameTheLampItself({ name }),
        their: size(their, units),
        my: size(my, units),
      });
    }
  }
  return lines;
}

function place(spot: SpotEdit | undefined, units: Units) {
  return spot
    ? placeWords.outMmOutHeightMmHighHeadingDeg({
        outMm: shownLength(spot.outMm, units),
        heightMm: shownLength(spot.heightMm, units),
        headingDeg: spot.headingDeg,
      })
    : placeWords.notOnIt();
}

const GUESSES = {
  PLACE: placeWords.place(),
  HEADING: placeWords.direction(),
  WIDTH: placeWords.width(),
} as const;

const made = (pair: LampPairEdit) =>
  JSON.stringify({ ...pair, left: undefined, right: undefined, guessed: undefined });

function size(pair: LampPairEdit, units: Units) {
  const lit = pair.heads[0]?.lit;
  const across = lit?.widthMm
    ? placeWords.widthMmWide({ widthMm: shownLength(lit.widthMm, units) })
    : '';
  return placeWords.acrossLengthHoles({
    across,
    length: pair.holes.length,
    value: pair.intensityCd ? placeWords.intensityCdCd({ intensityCd: pair.intensityCd }) : '',
  });
}
