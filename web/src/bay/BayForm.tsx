import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Bay, BayEdit, BayPage } from '../api/client';
import { bayKey, bayState, waitingOf, writeForm } from '../kept/forms';
import { Choice, Pairs, TextField } from '../settings/fields';
import { VersionedForm } from '../settings/VersionedForm';
import { UNITS } from '../settings/words';
import { appWords } from '../words/page/app';

const typedBay = ({ version, name, note, units }: Bay): BayEdit => ({ version, name, note, units });

/** What a bay is called, and what one should know of it. */
export function BayForm({ bay }: { bay: Bay }) {
  const client = useQueryClient();
  const [typed, setTyped] = useState(() => waitingOf<BayEdit>(bayKey(bay.id)) ?? typedBay(bay));
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ['bay', bay.id] });
    await client.invalidateQueries({ queryKey: ['bays'] });
    const fresh = client.getQueryData<BayPage>(['bay', bay.id]);
    if (fresh) {
      setTyped(typedBay(fresh.bay));
    }
  };
  return (
    <VersionedForm
      edit={typed}
      waitsAs={bayKey(bay.id)}
      onLater={() => setTyped({ ...typed, version: typed.version + 1 })}
      put={async (edit) => {
        const how = await writeForm(bayState(bay.id, edit));
        if (how === 'kept') {
          await refresh();
        }
        return how;
      }}
      onTheirs={() => void refresh()}
    >
      <Pairs>
        <TextField
          label={appWords.name()}
          value={typed.name}
          set={(name) => setTyped({ ...typed, name })}
          maxLength={60}
        />
        <Choice
          label={appWords.units()}
          value={typed.units}
          set={(units) => setTyped({ ...typed, units })}
          options={UNITS}
        />
      </Pairs>
      <TextField
        label={appWords.note()}
        value={typed.note}
        set={(note) => setTyped({ ...typed, note })}
        maxLength={300}
      />
    </VersionedForm>
  );
}
