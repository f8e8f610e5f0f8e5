import { Box, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import type { HandOverEdit } from '../app/api/client';
import { BareButton, PlainButton } from '../app/buttons';
import { Refusal } from '../app/Refusal';
import { LazyText } from '../entry/LazyText';
import { TextField } from '../settings/fields';

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
    return (
      <Box color="quiet">
        The record is closed. What was wrong is corrected beside it, with a name and a reason.
      </Box>
    );
  }
  return (
    <>
      <Box color="quiet" fontSize="15px">
        From the workshop
      </Box>
      <LazyText
        label="From the workshop"
        lines={4}
        maxLength={1200}
        value={told.note}
        placeholder="In plain words, for the owner"
        onDone={(note) => onChange({ ...told, note })}
      />
      <Box color="quiet" fontSize="15px" pt="10px">
        Where the new fuses are
      </Box>
      <LazyText
        label="Where the new fuses are"
        lines={2}
        maxLength={600}
        value={told.fuses}
        placeholder="15 A, beside the battery"
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
        Come back for
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
              {one.from} to {one.latest}
            </Box>
          </Box>
          <BareButton
            aria-label={`Take out: ${one.what}`}
            onClick={() =>
              onChange({ ...told, comeBack: told.comeBack.filter((_, at) => at !== index) })
            }
          >
            out
          </BareButton>
        </Flex>
      ))}
      <TextField label="Something more" value={what} set={setWhat} maxLength={120} />
      <Flex direction="column" gap="6px" pt="6px">
        {(
          [
            ['From', from, setFrom],
            ['By', latest, setLatest],
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
      {from && latest && latest < from && <Refusal words="“By” lies before “From”." pt="6px" />}
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
          Add
        </PlainButton>
      </Flex>
    </Box>
  );
}
