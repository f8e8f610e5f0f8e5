import type { LightEdit } from '../app/api/client';
import { FUNCTIONS } from '../place/words';
import { Choice, TextField } from '../settings/fields';
import { COLOURS, LENSES, PATTERNS } from './words';

/** What light a lamp gives, as typed. */
export interface TypedLight {
  circuit: LightEdit['circuit'] | '';
  pattern: LightEdit['pattern'];
  kelvin: string;
  bulb: NonNullable<LightEdit['bulb']> | '';
  lens: LightEdit['lens'];
}

export function typedLight(light: LightEdit | undefined): TypedLight {
  return {
    circuit: light?.circuit ?? '',
    pattern: light?.pattern ?? 'NOT_SAID',
    kelvin: String(light?.kelvin ?? ''),
    bulb: light?.bulb ?? '',
    lens: light?.lens ?? 'CLEAR',
  };
}

/** The light as it is sent; undefined where it is no lamp. */
export function readLight(typed: TypedLight): LightEdit | undefined {
  if (typed.circuit === '') {
    return undefined;
  }
  const kelvin = typed.kelvin.trim().replace(/\s?k$/i, '');
  if (kelvin && !/^\d{4,5}$/.test(kelvin)) {
    throw new Error('Colour temperature: in kelvin, as in 4300.');
  }
  return {
    circuit: typed.circuit,
    pattern: typed.pattern,
    kelvin: kelvin ? Number(kelvin) : undefined,
    bulb: typed.bulb || undefined,
    lens: typed.lens,
  };
}

export function LightFields({
  light,
  set,
}: {
  light: TypedLight;
  set: (light: TypedLight) => void;
}) {
  const change = (part: Partial<TypedLight>) => set({ ...light, ...part });
  return (
    <>
      <Choice
        label="Switched as"
        value={light.circuit}
        set={(circuit) => change({ circuit })}
        options={[['', 'it is no lamp'] as const, ...FUNCTIONS]}
      />
      {light.circuit !== '' && (
        <>
          <Choice
            label="Beam pattern"
            value={light.pattern}
            set={(pattern) => change({ pattern })}
            options={PATTERNS}
          />
          <TextField
            label="Colour temperature, K"
            value={light.kelvin}
            set={(kelvin) => change({ kelvin })}
            maxLength={7}
            placeholder="3000, 4300, 6000"
          />
          <Choice
            label="Colour of the bulb’s light"
            value={light.bulb}
            set={(bulb) => change({ bulb })}
            options={COLOURS}
          />
          <Choice
            label="Colour of the lens"
            value={light.lens}
            set={(lens) => change({ lens })}
            options={LENSES}
          />
        </>
      )}
    </>
  );
}
