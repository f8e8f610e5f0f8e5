import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import { confirmRule } from '../app/api/queries';
import { TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';

/** Says that a rule was held against the text in force, and where it stands there. */
export function ConfirmForm({
  setId,
  ruleId,
  onDone,
}: {
  setId: string;
  ruleId: string;
  onDone: () => void;
}) {
  const [place, setPlace] = useState('');
  const [id] = useState(uuidv7);
  return (
    <TypedForm
      words="I checked it"
      onSend={async () => {
        if (!place.trim()) {
          throw new Error('Say which edition, and where in it.');
        }
        await confirmRule(id, { setId, ruleId, place: place.trim() });
        onDone();
      }}
    >
      <Box>
        Only with the text in force at hand. Your name and today’s date stand beside the rule, and
        its mark is lifted for this workshop until the set changes.
      </Box>
      <TextField
        label="Edition and place in the text"
        value={place}
        set={setPlace}
        maxLength={200}
        placeholder="edition, clause, page"
      />
    </TypedForm>
  );
}
