import type { LightEdit } from '../api/client';
import { FUNCTIONS } from '../lamps/words';
import { Choice, TextField } from '../settings/fields';
import { COLOURS, LENSES, PATTERNS } from './words';
import { partsWords } from '../words/page/parts';

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
    throw new Error(partsWords.colourTemperatureInKelvinForExample());
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
        label={partsWords.switchedAs()}
        value={light.circuit}
        set={(circuit) => change({ circuit })}
        options={[['', partsWords.notALamp()] as const, ...FUNCTIONS]}
      />
      {light.circuit !== '' && (
        <>
          <Choice
            label={partsWords.beamPattern()}
            value={light.pattern}
            set={(pattern) => change({ pattern })}
            options={PATTERNS}
          />
          <TextField
            label={partsWords.colourTemperatureK()}
            value={light.kelvin}
            set={(kelvin) => change({ kelvin })}
            maxLength={7}
            placeholder="3000, 4300, 6000"
          />
          <Choice
            label={partsWords.colourOfTheBulbsLight()}
            value={light.bulb}
            set={(bulb) => change({ bulb })}
            options={COLOURS}
          />
          <Choice
            label={partsWords.colourOfTheLens()}
            value={light.lens}
            set={(lens) => change({ lens })}
            options={LENSES}
          />
        </>
      )}
    </>
  );
}
