import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import { confirmRule } from '../api/queries';
import { TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { rulebookWords } from '../words/page/rulebook';

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
      words={rulebookWords.iCheckedIt()}
      onSend={async () => {
        if (!place.trim()) {
          throw new Error(rulebookWords.enterWhichEditionAndWhereIn());
        }
        await confirmRule(id, { setId, ruleId, place: place.trim() });
        onDone();
      }}
    >
      <Box>{rulebookWords.onlyWithTheCurrentTextAt()}</Box>
      <TextField
        label={rulebookWords.editionAndPlaceInTheText()}
        value={place}
        set={setPlace}
        maxLength={200}
        placeholder={rulebookWords.editionClausePage()}
      />
    </TypedForm>
  );
}
