import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { CandidateEdit, PartsEdit } from '../api/client';
import { BareButton, PickButton } from '../ui/buttons';
import { LazyText } from '../entry/LazyText';
import { VerdictShape } from '../finding/VerdictShape';
import { Pairs, TextField } from '../settings/fields';
import { TypedForm } from '../settings/TypedForm';
import { said } from '../takein/words';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';
import { LightFields, readLight, typedLight } from './LightFields';
import { idFor, withOne } from './parts';
import { LENSES, PATTERNS } from './words';

type Outline = CandidateEdit['outline'];
const NEXT: Record<string, Outline> = { '': 'RIGHT', RIGHT: 'WRONG', WRONG: undefined };
const OUTLINE_WORDS = {
  '': partsWords.notCompared(),
  RIGHT: partsWords.matches(),
  WRONG: partsWords.doesNotMatch(),
};

const OUTLINE_VERDICT = { '': 'NOT_KNOWN', RIGHT: 'WITHIN', WRONG: 'OUT' } as const;

/** What could be ordered, side by side, kept with the decision and its reason. */
export function CandidatesForm({
  parts,
  onChange,
}: {
  parts: PartsEdit;
  onChange: (parts: PartsEdit) => void;
}) {
  const [name, setName] = useState('');
  const [cost, setCost] = useState('');
  const [note, setNote] = useState('');
  const [light, setLight] = useState(() => typedLight(undefined));
  const { candidates } = parts;
  const put = (one: CandidateEdit) => onChange({ ...parts, candidates: withOne(candidates, one) });
  const drop = (id: string) =>
    onChange({
      ...parts,
      candidates: candidates.filter((one) => one.id !== id),
      chosen: parts.chosen === id ? undefined : parts.chosen,
    });
  return (
    <Flex direction="column" gap="14px">
      {candidates.length > 0 && (
        <Box overflowX="auto">
          <Box as="table" w="100%" minW="620px" fontSize="16px">
            <thead>
              <tr>
                {[
                  partsWords.candidate(),
                  partsWords.outlineBrackets(),
                  partsWords.light(),
                  partsWords.cost(),
                  appWords.note(),
                  '',
                ].map((head) => (
                  <Box
                    as="th"
                    key={head}
                    textAlign="left"
                    color="quiet"
                    fontWeight="500"
                    pr="12px"
                    pb="8px"
                  >
                    {head}
                  </Box>
                ))}
              </tr>
            </thead>
            <tbody>
              {candidates.map((one) => (
                <CandidateRow
                  key={one.id}
                  candidate={one}
                  taken={one.id === parts.chosen}
                  onChange={put}
                  onTake={(taken) => onChange({ ...parts, chosen: taken ? one.id : undefined })}
                  onRemove={() => drop(one.id)}
                />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
      {parts.chosen && (
        <LazyText
          label={partsWords.theReasonForIt()}
          placeholder={partsWords.whyThisOne()}
          value={parts.why}
          maxLength={300}
          onDone={(why) => onChange({ ...parts, why })}
        />
      )}
      <TypedForm
        words={partsWords.compareThisOneToo()}
        onSend={async () => {
          if (!name.trim()) {
            throw new Error(partsWords.theCandidateHasNoNameYet());
          }
          put({
            id: idFor(
              name,
              candidates.map((one) => one.id),
            ),
            name: name.trim(),
            light: readLight(light),
            cost: cost.trim(),
            note: note.trim(),
          });
          setName('');
          setCost('');
          setNote('');
        }}
      >
        <Pairs>
          <TextField label={partsWords.candidate()} value={name} set={setName} />
          <TextField label={partsWords.cost()} value={cost} set={setCost} maxLength={60} />
          <TextField
            label={partsWords.forAndAgainst()}
            value={note}
            set={setNote}
            maxLength={300}
          />
          <LightFields light={light} set={setLight} />
        </Pairs>
      </TypedForm>
    </Flex>
  );
}

function CandidateRow({
  candidate,
  taken,
  onChange,
  onTake,
  onRemove,
}: {
  candidate: CandidateEdit;
  taken: boolean;
  onChange: (candidate: CandidateEdit) => void;
  onTake: (taken: boolean) => void;
  onRemove: () => void;
}) {
  const { light } = candidate;
  const outline = candidate.outline ?? '';
  return (
    <Box as="tr" borderTopWidth="1px" borderColor="hairline">
      <Box
        as="th"
        textAlign="left"
        fontFamily="heading"
        fontWeight="600"
        color={taken ? 'lamp' : 'ink'}
        pr="12px"
      >
        {candidate.name}
      </Box>
      <td>
        <BareButton gap="8px" onClick={() => onChange({ ...candidate, outline: NEXT[outline] })}>
          <VerdictShape size={16} verdict={OUTLINE_VERDICT[outline]} />
          {OUTLINE_WORDS[outline]}
        </BareButton>
      </td>
      <td>
        {light
          ? [
              said(PATTERNS, light.pattern),
              light.kelvin && `${light.kelvin} K`,
              partsWords.lensOf({ lens: said(LENSES, light.lens) }),
            ]
              .filter(Boolean)
              .join(', ')
          : appWords.notSaid()}
      </td>
      <td>{candidate.cost}</td>
      <td>{candidate.note}</td>
      <td>
        <PickButton aria-pressed={taken} onClick={() => onTake(!taken)}>
          {taken ? partsWords.taken() : partsWords.takeIt()}
        </PickButton>
        <BareButton
          aria-label={partsWords.removeNameFromTheList({ name: candidate.name })}
          color="quiet"
          onClick={() => onRemove()}
        >
          {partsWords.remove()}
        </BareButton>
      </td>
    </Box>
  );
}
