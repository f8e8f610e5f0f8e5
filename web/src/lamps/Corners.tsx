import { Box, Textarea } from '@chakra-ui/react';
import type { ShapeEdit, Units } from '../api/client';
import { readLength } from '../api/queries';
import { lengthsIn } from '../entry/typed';
import { placeWords } from '../words/page/place';

type Corner = NonNullable<ShapeEdit['corners']>[number];

/** Corners as typed, one a line: out / up. */
export async function readCorners(typed: string, units: Units): Promise<Corner[]> {
  const lines = typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  if (lines.length < 3) {
    throw new Error(placeWords.anOutlineNeedsAtLeastThree());
  }
  return Promise.all(
    lines.map(async (line, index) => {
      const [out, up, more] = lengthsIn(line);
      if (out === undefined || up === undefined || more !== undefined) {
        throw new Error(placeWords.cornerIndexOutUpForExample({ index: index + 1 }));
      }
      return { outMm: await readLength(out, units), upMm: await readLength(up, units) };
    }),
  );
}

/** Corners as they would be typed. */
export function typedCorners(corners: Corner[], text: (mm: number) => string): string {
  return corners.map(({ outMm, upMm }) => `${text(outMm)} / ${text(upMm)}`).join('\n');
}

export function Corners({
  label,
  placeholder,
  value,
  set,
}: {
  label: string;
  placeholder: string;
  value: string;
  set: (value: string) => void;
}) {
  return (
    <Box as="label" display="block">
      <Box color="quiet" fontSize="15px" mb="2px">
        {label}
      </Box>
      <Textarea
        rows={5}
        value={value}
        maxLength={4000}
        placeholder={placeholder}
        onChange={(event) => set(event.target.value)}
      />
    </Box>
  );
}
