import { useState } from 'react';
import type { PlugEdit } from '../api/client';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { GENDERS, THERE, USES } from './words';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';

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
      words={plug ? appWords.changeIt() : appWords.addIt()}
      onSend={async () => {
        if (!typed.label.trim()) {
          throw new Error(partsWords.enterWhatIsPrintedOnThe());
        }
        onDone({
          ...typed,
          id: plug?.id ?? newId(typed.label),
          label: typed.label.trim(),
          matesWith: typed.matesWith || undefined,
        });
      }}
      others={onRemove && [{ words: partsWords.takeItOffTheMap(), act: onRemove }]}
    >
      <Pairs>
        <TextField
          label={partsWords.labelOrColourOfItsLead()}
          value={typed.label}
          set={(label) => change({ label })}
          maxLength={60}
        />
        <TextField
          label={partsWords.goesTo()}
          value={typed.socket}
          set={(socket) => change({ socket })}
          placeholder={partsWords.factorySocketLampGround()}
        />
        <TextField
          label={partsWords.kindOfConnector()}
          value={typed.family}
          set={(family) => change({ family })}
          maxLength={40}
        />
        <Choice
          label={partsWords.gender()}
          value={typed.gender}
          set={(gender) => change({ gender })}
          options={GENDERS}
        />
        <TextField
          label={partsWords.adapterNeeded()}
          value={typed.adapter}
          set={(adapter) => change({ adapter })}
          placeholder={partsWords.noneOfThem()}
        />
        <Choice
          label={partsWords.meantToBe()}
          value={typed.use}
          set={(use) => change({ use })}
          options={USES}
        />
        <Choice
          label={partsWords.theKitHasIt()}
          value={typed.there}
          set={(there) => change({ there })}
          options={THERE}
        />
        <Choice
          label={partsWords.matesWith()}
          value={typed.matesWith}
          set={(matesWith) => change({ matesWith })}
          options={[
            ['', partsWords.nothingOfThisKit()] as const,
            ...others.map((one) => [one.id, one.label] as const),
          ]}
        />
      </Pairs>
    </TypedForm>
  );
}
