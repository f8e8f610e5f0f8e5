import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { RuleSet } from '../app/api/client';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import type { ChangeJson } from './ruleFile';

/** A new set of the shop's own, over another. */
export function LocalSetForm({
  sets,
  over,
  onKeep,
}: {
  sets: RuleSet[];
  over: string;
  onKeep: (change: ChangeJson) => Promise<void>;
}) {
  const [title, setTitle] = useState('');
  const [base, setBase] = useState(over);
  const [reason, setReason] = useState('');
  return (
    <TypedForm
      words="Start the set"
      onSend={async () => {
        if (!title.trim() || !reason.trim()) {
          throw new Error('A set of your own has a name and a reason.');
        }
        const id = title
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .replace(/^-+|-+$/g, '')
          .slice(0, 40);
        await onKeep({
          id: id.length < 2 ? 'own-set' : id,
          version: 1,
          title: title.trim(),
          over: base,
          reason: reason.trim(),
          off: [],
        });
      }}
    >
      <Box>
        It starts as a copy of its base. Then change rules one by one, switch them off, or add some;
        what the base says later still reaches it.
      </Box>
      <Pairs>
        <TextField label="Name" value={title} set={setTitle} />
        <Choice
          label="Over"
          value={base}
          set={setBase}
          options={sets.map((set) => [set.id, set.title] as const)}
        />
      </Pairs>
      <TextField
        label="Reason"
        value={reason}
        set={setReason}
        maxLength={300}
        placeholder="local code, agreement with the inspection"
      />
    </TypedForm>
  );
}
