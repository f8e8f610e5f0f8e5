import { useState } from 'react';
import type { PlugEdit } from '../app/api/client';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { GENDERS, THERE, USES } from './words';

/** One plug of the kit: what stands on it, where it goes, what is meant to become of it. */
export function PlugForm({
  plug,
  others,
  newId,
  onDone,
  onRemove,
}: {
  plug: PlugEdit | undefined;
  others: PlugEdit[];
  newId: (label: string) => string;
  /** Takes what the form asks; what was ticked is not its business. */
  onDone: (plug: Omit<PlugEdit, 'done' | 'once'>) => void;
  onRemove: (() => void) | undefined;
}) {
  const [typed, setTyped] = useState(() => ({
    label: plug?.label ?? '',
    socket: plug?.socket ?? '',
    family: plug?.family ?? '',
    gender: plug?.gender ?? ('NOT_SAID' as const),
    adapter: plug?.adapter ?? '',
    use: plug?.use ?? ('CONNECT' as const),
    matesWith: plug?.matesWith ?? '',
    there: plug?.there ?? ('EACH_SIDE' as const),
  }));
  const change = (part: Partial<typeof typed>) => setTyped((before) => ({ ...before, ...part }));
  return (
    <TypedForm
      words={plug ? 'Change it' : 'Add it'}
      onSend={async () => {
        if (!typed.label.trim()) {
          throw new Error('Say what stands on the plug or its lead.');
        }
        onDone({
          ...typed,
          id: plug?.id ?? newId(typed.label),
          label: typed.label.trim(),
          matesWith: typed.matesWith || undefined,
        });
      }}
      others={onRemove && [{ words: 'Take it off the map', act: onRemove }]}
    >
      <Pairs>
        <TextField
          label="Label or colour of its lead"
          value={typed.label}
          set={(label) => change({ label })}
          maxLength={60}
        />
        <TextField
          label="Goes to"
          value={typed.socket}
          set={(socket) => change({ socket })}
          placeholder="factory socket, lamp, ground"
        />
        <TextField
          label="Kind of connector"
          value={typed.family}
          set={(family) => change({ family })}
          maxLength={40}
        />
        <Choice
          label="Gender"
          value={typed.gender}
          set={(gender) => change({ gender })}
          options={GENDERS}
        />
        <TextField
          label="Adapter needed"
          value={typed.adapter}
          set={(adapter) => change({ adapter })}
          placeholder="none"
        />
        <Choice
          label="Meant to be"
          value={typed.use}
          set={(use) => change({ use })}
          options={USES}
        />
        <Choice
          label="The kit has it"
          value={typed.there}
          set={(there) => change({ there })}
          options={THERE}
        />
        <Choice
          label="Mates with"
          value={typed.matesWith}
          set={(matesWith) => change({ matesWith })}
          options={[
            ['', 'nothing of this kit'] as const,
            ...others.map((one) => [one.id, one.label] as const),
          ]}
        />
      </Pairs>
    </TypedForm>
  );
}
