import { Box, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { HandOverEdit } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { LazyText } from '../entry/LazyText';
import { TextField } from '../settings/fields';
import { appWords } from '../words/page/app';
import { handoverWords } from '../words/page/handover';

/** What the workshop tells the owner beside what follows from the job. */
export function OwnersWords({
  told,
  closed,
  onChange,
}: {
  told: HandOverEdit;
  closed: boolean;
  onChange: (told: HandOverEdit) => void;
}) {
  if (closed) {
    return <Box color="quiet">{handoverWords.theRecordIsClosedCorrectionsStand()}</Box>;
  }
  return (
    <>
      <Box color="quiet" fontSize="15px">
        {handoverWords.fromTheWorkshop()}
      </Box>
      <LazyText
        label={handoverWords.fromTheWorkshop()}
        lines={4}
        maxLength={1200}
        value={told.note}
        placeholder={handoverWords.inPlainWordsForTheOwner()}
        onDone={(note) => onChange({ ...told, note })}
      />
      <Box color="quiet" fontSize="15px" pt="10px">
        {handoverWords.whereTheNewFusesAre()}
      </Box>
      <LazyText
        label={handoverWords.whereTheNewFusesAre()}
        lines={2}
        maxLength={600}
        value={told.fuses}
        placeholder={handoverWords.n15ABesideTheBattery()}
        onDone={(fuses) => onChange({ ...told, fuses })}
      />
      <ComeBack told={told} onChange={onChange} />
    </>
  );
}

function ComeBack({
  told,
  onChange,
}: {
  told: HandOverEdit;
  onChange: (told: HandOverEdit) => void;
}) {
  const [what, setWhat] = useState('');
  const [from, setFrom] = useState('');
  const [latest, setLatest] = useState('');
  const ready = what.trim() && from && latest >= from;
  return (
    <Box pt="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="18px">
        {handoverWords.comeBackFor()}
      </Box>
      {told.comeBack.map((one, index) => (
        <Flex
          key={`${one.what} ${index}`}
          align="center"
          gap="8px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Box flex="1">
            {one.what}
            <Box color="quiet" fontSize="14px">
              {handoverWords.fromToLatest({ from: one.from, latest: one.latest })}
            </Box>
          </Box>
          <BareButton
            aria-label={handoverWords.removeWhat({ what: one.what })}
            onClick={() =>
              onChange({ ...told, comeBack: told.comeBack.filter((_, at) => at !== index) })
            }
          >
            {appWords.out()}
          </BareButton>
        </Flex>
      ))}
      <TextField label={handoverWords.somethingMore()} value={what} set={setWhat} maxLength={120} />
      <Flex direction="column" gap="6px" pt="6px">
        {(
          [
            [handoverWords.from(), from, setFrom],
            [handoverWords.by(), latest, setLatest],
          ] as const
        ).map(([label, value, set]) => (
          <Flex as="label" key={label} align="center" gap="10px">
            <Box color="quiet" fontSize="15px" w="42px">
              {label}
            </Box>
            <Input
              type="date"
              h="48px"
              px="8px"
              value={value}
              onChange={(event) => set(event.target.value)}
            />
          </Flex>
        ))}
      </Flex>
      {from && latest && latest < from && (
        <Refusal words={handoverWords.byIsBeforeFrom()} pt="6px" />
      )}
      <Flex justify="flex-end" pt="8px">
        <PlainButton
          disabled={!ready}
          onClick={() => {
            onChange({
              ...told,
              comeBack: [...told.comeBack, { what: what.trim(), from, latest }],
            });
            setWhat('');
          }}
        >
          {handoverWords.add()}
        </PlainButton>
      </Flex>
    </Box>
  );
}
