import { useState } from 'react';
import type { Job, PartEdit, Side } from '../api/client';
import { Choice, Pairs, TextField } from '../settings/fields';
import { LensField, useLens } from '../settings/LensField';
import { TypedForm } from '../settings/TypedForm';
import { LightFields, readLight, typedLight } from './LightFields';
import { NEEDED_FOR, PART_KINDS, SIDED } from './words';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';

export type PartIdentity = Pick<
  PartEdit,
  'id' | 'name' | 'kind' | 'side' | 'neededFor' | 'light' | 'marks'
>;

/** What a part is: name, side, the stage that waits for it, the light it gives. */
export function PartForm({
  part,
  job,
  newId,
  onDone,
  onRemove,
}: {
  part: PartEdit | undefined;
  /** Its market and traffic are what a lens is held against. */
  job: Job;
  newId: (name: string) => string;
  /** Takes what the form asks; what was looked at is not its business. */
  onDone: (part: PartIdentity) => void;
  onRemove: (() => void) | undefined;
}) {
  const [name, setName] = useState(part?.name ?? '');
  const [kind, setKind] = useState<NonNullable<PartEdit['kind']> | ''>(part?.kind ?? '');
  const [side, setSide] = useState<Side | ''>(part?.side ?? '');
  const [neededFor, setNeededFor] = useState(part?.neededFor ?? 'APART');
  const [light, setLight] = useState(() => typedLight(part?.light));
  const [marks, setMarks] = useState(part?.marks ?? '');
  const lens = useLens(marks, job);
  return (
    <TypedForm
      words={part ? appWords.changeIt() : appWords.addIt()}
      onSend={async () => {
        if (!name.trim()) {
          throw new Error(partsWords.thePartHasNoNameYet());
        }
        onDone({
          id: part?.id ?? newId(side ? `${name} ${side}` : name),
          name: name.trim(),
          kind: kind || undefined,
          side: side || undefined,
          neededFor,
          light: readLight(light),
          marks: light.circuit === '' ? undefined : marks.trim() || undefined,
        });
      }}
      others={onRemove && [{ words: partsWords.takeItOffTheList(), act: onRemove }]}
    >
      <Pairs>
        <TextField label={appWords.whatItIs()} value={name} set={setName} />
        <Choice
          label={partsWords.sideFromTheDriversSeat()}
          value={side}
          set={setSide}
          options={SIDED}
        />
        <Choice
          label={partsWords.whatKindOfThing()}
          value={kind}
          set={setKind}
          options={[['', partsWords.bySideAndLight()] as const, ...PART_KINDS]}
        />
        <Choice
          label={partsWords.stageThatWaitsForIt()}
          value={neededFor}
          set={setNeededFor}
          options={NEEDED_FOR}
        />
        <LightFields light={light} set={setLight} />
        {light.circuit !== '' && (
          <LensField
            label={partsWords.onItsLensAsPrinted()}
            value={marks}
            set={setMarks}
            lens={lens}
          />
        )}
      </Pairs>
    </TypedForm>
  );
}
