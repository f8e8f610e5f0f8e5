import { Box, Flex } from '@chakra-ui/react';
import type { LampPairEdit, Units } from '../api/client';
import { readLength } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { useUnits } from '../ui/session';
import { TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

/** What one drills first with. Common practice. */
const FIRST_DRILL: Record<Units, string> = { METRIC: '3', IMPERIAL: '1/8' };

/** A hole as typed. */
export interface TypedHole {
  out: string;
  up: string;
  pilot: string;
  final: string;
}

export function typedHoles(holes: LampPairEdit['holes'], text: (mm: number) => string) {
  return holes.map((hole) => ({
    out: text(hole.outMm),
    up: text(hole.upMm),
    pilot: text(hole.pilotMm),
    final: text(hole.finalMm),
  }));
}

export function readHoles(holes: TypedHole[], units: Units): Promise<LampPairEdit['holes']> {
  return Promise.all(
    holes.map(async (hole) => ({
      outMm: await readLength(hole.out, units),
      upMm: await readLength(hole.up, units),
      pilotMm: await readLength(hole.pilot || '0', units),
      finalMm: await readLength(hole.final, units),
    })),
  );
}

/** What is drilled for a lamp. */
export function Holes({ holes, set }: { holes: TypedHole[]; set: (holes: TypedHole[]) => void }) {
  const units = useUnits();
  const change = (index: number, part: Partial<TypedHole>) =>
    set(holes.map((hole, i) => (i === index ? { ...hole, ...part } : hole)));
  return (
    <Box>
      <Box color="quiet">{placeWords.holesToDrillFromTheLamps()}</Box>
      {holes.map((hole, index) => (
        <Flex key={index} gap="8px" align="end" mt="6px">
          <TextField
            label={appWords.out()}
            value={hole.out}
            set={(out) => change(index, { out })}
          />
          <TextField label={placeWords.up()} value={hole.up} set={(up) => change(index, { up })} />
          <TextField
            label={placeWords.first()}
            value={hole.pilot}
            set={(pilot) => change(index, { pilot })}
          />
          <TextField
            label={placeWords.holeSmall()}
            value={hole.final}
            set={(final) => change(index, { final })}
          />
          <PlainButton
            type="button"
            aria-label={placeWords.removeHoleIndex({ index: index + 1 })}
            onClick={() => set(holes.filter((_, i) => i !== index))}
          >
            {placeWords.remove()}
          </PlainButton>
        </Flex>
      ))}
      <PlainButton
        type="button"
        mt="8px"
        onClick={() => set([...holes, { out: '0', up: '0', pilot: FIRST_DRILL[units], final: '' }])}
      >
        {placeWords.addAHole()}
      </PlainButton>
    </Box>
  );
}
