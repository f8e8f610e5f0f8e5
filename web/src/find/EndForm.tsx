import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { FindEdit, Hunt } from '../api/client';
import { Choice, TextField } from '../settings/fields';
import { ActButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { findWords } from '../words/page/find';

type Ended = NonNullable<FindEdit['ended']>;

/** How a search ended: what it was, and what was done about it. */
export function EndForm({
  hunt,
  ended,
  onDone,
}: {
  hunt: Hunt;
  ended: Ended | undefined;
  onDone: (ended: Ended) => void;
}) {
  const likeliest = hunt.candidates[0];
  const [how, setHow] = useState<Ended['how']>(ended?.how ?? 'MENDED');
  const [parts, setParts] = useState<string[]>(
    ended?.parts ?? (hunt.standing === 'FOUND' ? (likeliest?.parts ?? []) : []),
  );
  const [did, setDid] = useState(ended?.did ?? '');
  const suspected = hunt.parts.filter((one) => hunt.heat[one.id] || parts.includes(one.id));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone({ how, parts: how === 'MENDED' ? parts : [], did: did.trim() });
      }}
    >
      <Flex direction="column" gap="14px">
        <Choice
          label={findWords.howDidItEnd()}
          value={how}
          set={setHow}
          options={[
            ['MENDED', findWords.mended()],
            ['BYPASSED', findWords.bypassed()],
            ['GIVEN_UP', findWords.givenUp()],
          ]}
        />
        {how === 'MENDED' && (
          <Box>
            <Box color="quiet" pb="4px">
              {findWords.whatItWas()}
            </Box>
            <ChoiceButtons
              label={findWords.whatItWas()}
              options={suspected.map((one) => [one.id, one.words] as const)}
              chosen={parts}
              onToggle={(part) => setParts(toggled(parts, part))}
            />
          </Box>
        )}
        <TextField label={findWords.whatWasMended()} value={did} set={setDid} maxLength={600} />
        <ActButton type="submit" disabled={!did.trim() || (how === 'MENDED' && parts.length === 0)}>
          {findWords.endTheSearch()}
        </ActButton>
      </Flex>
    </form>
  );
}
