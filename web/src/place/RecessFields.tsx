import type { RecessEdit, Units } from '../app/api/client';
import { readLength } from '../app/api/queries';
import { Pairs, TextField, YesNo } from '../settings/fields';

/** How a lens lies behind what stands around it, as typed. */
export type TypedRecess = Record<keyof RecessEdit, string>;

const WAYS = [
  ['outMm', 'From its light to that edge, outwards'],
  ['inMm', 'The same inwards'],
  ['upMm', 'The same upwards'],
  ['downMm', 'The same downwards'],
] as const;

const FLUSH: TypedRecess = { deepMm: '0', outMm: '0', inMm: '0', upMm: '0', downMm: '0' };

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

/** The recess as typed; throws with a sentence where something cannot be read. */
export async function readRecess(typed: TypedRecess, units: Units): Promise<RecessEdit> {
  const [deepMm, outMm, inMm, upMm, downMm] = await Promise.all(
    [typed.deepMm, typed.outMm, typed.inMm, typed.upMm, typed.downMm].map((text) =>
      readLength(text.trim() || '0', units),
    ),
  );
  return { deepMm, outMm, inMm, upMm, downMm } as RecessEdit;
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
        label="Measured how far its lens lies behind the edge around it"
        value={value !== undefined}
        set={(measured) => set(measured ? FLUSH : undefined)}
      />
      {value && (
        <Pairs>
          <TextField
            label="Lens behind that edge (0 where it is flush)"
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
