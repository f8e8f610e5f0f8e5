import { Box, Flex } from '@chakra-ui/react';
import type { LampPairEdit, Units } from '../api/client';
import { readLength } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { TextField } from '../settings/fields';
import { NO_SHAPE, readShape, ShapeFields, typedShape, type TypedShape } from './ShapeFields';
import { placeWords } from '../words/page/place';

/** One lit surface as typed, with where its middle lies from the lamp's. */
export interface TypedHead {
  lit: TypedShape;
  out: string;
  up: string;
}

export const ONE_HEAD: TypedHead[] = [{ lit: NO_SHAPE, out: '0', up: '0' }];

export function typedHeads(heads: LampPairEdit['heads'], text: (mm: number) => string) {
  return heads.map(({ lit, outMm, upMm }) => ({
    lit: typedShape(lit, text),
    out: text(outMm),
    up: text(upMm),
  }));
}

export function readHeads(heads: TypedHead[], units: Units): Promise<LampPairEdit['heads']> {
  return Promise.all(
    heads.map(async ({ lit, out, up }) => ({
      lit: await readShape(lit, units),
      outMm: await readLength(out || '0', units),
      upMm: await readLength(up || '0', units),
    })),
  );
}

/** The lit surfaces of a lamp: mostly one; several count together. */
export function Heads({ heads, set }: { heads: TypedHead[]; set: (heads: TypedHead[]) => void }) {
  const several = heads.length > 1;
  const change = (index: number, part: Partial<TypedHead>) =>
    set(heads.map((head, i) => (i === index ? { ...head, ...part } : head)));
  return (
    <>
      {heads.map((head, index) => (
        <Box key={index} display="flex" flexDirection="column" gap="14px">
          <ShapeFields
            label={
              several ? placeWords.litSurfaceIndex({ index: index + 1 }) : placeWords.litSurface()
            }
            of={several ? placeWords.surfaceIndexS({ index: index + 1 }) : placeWords.its()}
            value={head.lit}
            set={(lit) => lit && change(index, { lit })}
          />
          {several && (
            <Flex gap="8px" align="end">
              <TextField
                label={placeWords.outwardsOfTheLampsMiddle()}
                value={head.out}
                set={(out) => change(index, { out })}
              />
              <TextField
                label={placeWords.aboveTheLampsMiddle()}
                value={head.up}
                set={(up) => change(index, { up })}
              />
              <PlainButton
                type="button"
                aria-label={placeWords.removeLitSurfaceIndex({ index: index + 1 })}
                onClick={() => set(heads.filter((_, i) => i !== index))}
              >
                {placeWords.remove()}
              </PlainButton>
            </Flex>
          )}
        </Box>
      ))}
      <Box>
        <PlainButton type="button" onClick={() => set([...heads, ...ONE_HEAD])}>
          {placeWords.addALitSurface()}
        </PlainButton>
      </Box>
    </>
  );
}
