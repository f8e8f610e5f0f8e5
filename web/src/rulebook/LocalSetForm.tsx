import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { RuleSet } from '../api/client';
import { Choice, Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import type { ChangeJson } from './ruleFile';
import { appWords } from '../words/page/app';
import { rulebookWords } from '../words/page/rulebook';

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
      words={rulebookWords.startTheSet()}
      onSend={async () => {
        if (!title.trim() || !reason.trim()) {
          throw new Error(rulebookWords.aSetOfYourOwnHas());
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
      <Box>{rulebookWords.itStartsAsACopyOf()}</Box>
      <Pairs>
        <TextField label={appWords.name()} value={title} set={setTitle} />
        <Choice
          label={rulebookWords.basedOn()}
          value={base}
          set={setBase}
          options={sets.map((set) => [set.id, set.title] as const)}
        />
      </Pairs>
      <TextField
        label={rulebookWords.reason()}
        value={reason}
        set={setReason}
        maxLength={300}
        placeholder={rulebookWords.localCodeAgreementWithTheInspection()}
      />
    </TypedForm>
  );
}
