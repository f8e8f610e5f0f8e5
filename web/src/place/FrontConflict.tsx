import { Box } from '@chakra-ui/react';
import type { FrontEdit, LampPairEdit, SpotEdit, Units } from '../app/api/client';
import { useUnits } from '../app/session';
import { typedLength } from '../entry/typed';

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
  return (
    <Box as="table" w="100%" fontSize="16px">
      <thead>
        <tr>
          <td />
          <Box as="th" textAlign="left" color="quiet">
            {theirName}
          </Box>
          <Box as="th" textAlign="left" color="quiet">
            You
          </Box>
        </tr>
      </thead>
      <tbody>
        {differences(theirs, mine, units).map(({ what, their, my }) => (
          <tr key={what}>
            <Box as="th" textAlign="left" fontWeight="500" py="6px">
              {what}
            </Box>
            <td>{their}</td>
            <td>{my}</td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

interface Difference {
  what: string;
  their: string;
  my: string;
}

/** What differs between two fronts, in words. */
export function differences(theirs: FrontEdit, mine: FrontEdit, units: Units): Difference[] {
  const lines: Difference[] = [];
  const note = (what: string, their: string, my: string) => {
    if (their !== my) {
      lines.push({ what, their, my });
    }
  };
  note('Rules', theirs.ruleSets.join(', '), mine.ruleSets.join(', '));
  const names = (front: FrontEdit) => front.keepOuts.map((one) => one.name).join(', ') || 'nothing';
  note('In the way', names(theirs), names(mine));
  const ids = new Set([...theirs.pairs, ...mine.pairs].map((pair) => pair.id));
  for (const id of ids) {
    const their = theirs.pairs.find((pair) => pair.id === id);
    const my = mine.pairs.find((pair) => pair.id === id);
    const name = my?.name ?? their?.name ?? id;
    note(`${name}, left`, place(their?.left, units), place(my?.left, units));
    note(`${name}, right`, place(their?.right, units), place(my?.right, units));
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
    ? `${typedLength(spot.outMm, units)} out, ${typedLength(spot.heightMm, units)} high, ${spot.headingDeg}°`
    : 'not on it';
}

const made = (pair: LampPairEdit) => JSON.stringify({ ...pair, left: undefined, right: undefined });

function size(pair: LampPairEdit, units: Units) {
  const lit = pair.heads[0]?.lit;
  const across = lit?.widthMm ? `${typedLength(lit.widthMm, units)} wide, ` : '';
  return `${across}${pair.holes.length} holes${pair.intensityCd ? `, ${pair.intensityCd} cd` : ''}`;
}
