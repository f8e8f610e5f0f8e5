import type { RecessEdit, Units } from '../api/client';
import { readLength } from '../api/queries';
import { Pairs, TextField, YesNo } from '../settings/fields';
import { placeWords } from '../words/page/place';

/** How a lens lies behind what stands around it, as typed. */
export type TypedRecess = Record<keyof RecessEdit, string>;

const WAYS = [
  ['outMm', placeWords.fromItsLightToThatEdge()],
  ['inMm', placeWords.theSameInwards()],
  ['upMm', placeWords.theSameUpwards()],
  ['downMm', placeWords.theSameDownwards()],
] as const;

const NOT_READ: TypedRecess = { deepMm: '', outMm: '', inMm: '', upMm: '', downMm: '' };

export function typedRecess(
  recess: RecessEdit | undefined,
  text: (mm: number) => string,
): TypedRecess | undefined {
  return (
    recess && {
      deepMm: text(recess.deepMm),
      outMm: text(recess.outMm),
      inMm: text(recess.inMm),
      upMm: text(recess.upMm),
      downMm: text(recess.downMm),
    }
  );
}

/** The recess as typed; throws with a sentence where something is missing or cannot be read. */
export async function readRecess(typed: TypedRecess, units: Units): Promise<RecessEdit> {
  if (!typed.deepMm.trim()) {
    throw new Error(placeWords.howFarIsTheLensBehind());
  }
  const deepMm = await readLength(typed.deepMm, units);
  const gap = (text: string) => {
    if (deepMm > 0 && !text.trim()) {
      throw new Error(placeWords.fromItsLightToThatEdgeAllWays());
    }
    return readLength(text.trim() || '0', units);
  };
  return {
    deepMm,
    outMm: await gap(typed.outMm),
    inMm: await gap(typed.inMm),
    upMm: await gap(typed.upMm),
    downMm: await gap(typed.downMm),
  };
}

/** Asked of lamps that have to be seen from aside. */
export function RecessFields({
  value,
  set,
}: {
  value: TypedRecess | undefined;
  set: (value: TypedRecess | undefined) => void;
}) {
  return (
    <>
      <YesNo
        label={placeWords.measuredHowFarItsLensLies()}
        value={value !== undefined}
        set={(measured) => set(measured ? NOT_READ : undefined)}
      />
      {value && (
        <Pairs>
          <TextField
            label={placeWords.lensBehindThatEdge0Where()}
            value={value.deepMm}
            set={(deepMm) => set({ ...value, deepMm })}
            maxLength={30}
          />
          {WAYS.map(([way, label]) => (
            <TextField
              key={way}
              label={label}
              value={value[way]}
              set={(text) => set({ ...value, [way]: text })}
              maxLength={30}
            />
          ))}
        </Pairs>
      )}
    </>
  );
}
