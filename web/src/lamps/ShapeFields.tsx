import type { ShapeEdit, Units } from '../api/client';
import { readLength } from '../api/queries';
import { Choice, Pairs, TextField } from '../settings/fields';
import { Corners, readCorners, typedCorners } from './Corners';
import { placeWords } from '../words/page/place';

/** An outline as typed: lengths stay texts until they are read. */
export interface TypedShape {
  form: ShapeEdit['form'];
  width: string;
  height: string;
  corners: string;
}

export const NO_SHAPE: TypedShape = { form: 'ELLIPSE', width: '', height: '', corners: '' };

const FORMS: readonly [TypedShape['form'], string][] = [
  ['ELLIPSE', placeWords.roundOrOval()],
  ['RECTANGLE', placeWords.rectangular()],
  ['POLYGON', placeWords.itsOwnOutlineByCorners()],
];

export function typedShape(shape: ShapeEdit, text: (mm: number) => string): TypedShape {
  return {
    form: shape.form,
    width: shape.widthMm ? text(shape.widthMm) : '',
    height: shape.heightMm ? text(shape.heightMm) : '',
    corners: typedCorners(shape.corners ?? [], text),
  };
}

/** The outline as typed; throws with a sentence where something cannot be read. */
export async function readShape(typed: TypedShape, units: Units): Promise<ShapeEdit> {
  const { form, width, height, corners } = typed;
  if (form === 'POLYGON') {
    return { form, corners: await readCorners(corners, units) };
  }
  const widthMm = await readLength(width, units);
  return { form, widthMm, heightMm: height.trim() ? await readLength(height, units) : widthMm };
}

/** Form and size of an outline about the lamp's middle. */
export function ShapeFields({
  label,
  of = placeWords.its(),
  none,
  value,
  set,
}: {
  label: string;
  /** Whose width and height, to tell two shapes of one form apart. */
  of?: string;
  /** What it says where there is no such shape; left out where there has to be one. */
  none?: string;
  value: TypedShape | undefined;
  set: (value: TypedShape | undefined) => void;
}) {
  const change = (part: Partial<TypedShape>) => set({ ...(value ?? NO_SHAPE), ...part });
  return (
    <>
      <Choice<TypedShape['form'] | 'NONE'>
        label={label}
        value={value?.form ?? 'NONE'}
        set={(form) => (form === 'NONE' ? set(undefined) : change({ form }))}
        options={none ? [['NONE', none], ...FORMS] : FORMS}
      />
      {value?.form === 'POLYGON' && (
        <Corners
          label={placeWords.cornersOneALineOutwardsUpwards()}
          placeholder={'-60 / -15\n60 / -25\n60 / 25\n-60 / 15'}
          value={value.corners}
          set={(corners) => change({ corners })}
        />
      )}
      {value && value.form !== 'POLYGON' && (
        <Pairs>
          <TextField
            label={placeWords.ofWidth({ of })}
            value={value.width}
            set={(width) => change({ width })}
            maxLength={30}
          />
          <TextField
            label={placeWords.ofHeightAsWideWhereLeft({ of })}
            value={value.height}
            set={(height) => change({ height })}
            maxLength={30}
          />
        </Pairs>
      )}
    </>
  );
}
