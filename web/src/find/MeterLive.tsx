import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useMeter, type MeterQuantity } from '../api/queries';
import { browserMemory } from '../browser/memory';
import { TextField } from '../settings/fields';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { decimalText } from '../words/numbers';
import { findWords } from '../words/page/find';

const ADDRESS = 'mellow.meter';

/** What a meter in the shop’s network shows, read again and again; a press keeps it. */
export function MeterLive({
  simulated,
  what,
  keep,
}: {
  /** The address of the meter that ships with the product. */
  simulated: string;
  what: MeterQuantity;
  keep: (value: number) => void;
}) {
  const [live, setLive] = useState(false);
  const [address, setAddress] = useState(() => browserMemory.get(ADDRESS) ?? simulated);
  const { data, error } = useMeter(address, what, live);
  const value = live && !error ? data?.value : undefined;
  if (!live) {
    return (
      <BareButton px="0" color="quiet" fontSize="15px" onClick={() => setLive(true)}>
        {findWords.readLive()}
      </BareButton>
    );
  }
  return (
    <Flex align="end" gap="14px" wrap="wrap" pt="4px">
      <Box w="220px">
        <TextField
          label={findWords.meterAddress()}
          value={address}
          set={(typed) => {
            setAddress(typed);
            browserMemory.set(ADDRESS, typed);
          }}
          maxLength={40}
        />
      </Box>
      <Box
        data-figure
        role="status"
        fontFamily="heading"
        fontWeight="700"
        fontSize="34px"
        lineHeight="48px"
        minW="130px"
      >
        {value !== undefined
          ? findWords.meterNow({ value: decimalText(value), unit: data?.unit ?? '' })
          : data && !error && findWords.meterOver()}
      </Box>
      {value !== undefined && (
        <PlainButton type="button" onClick={() => keep(value)}>
          {findWords.keepReading()}
        </PlainButton>
      )}
      <BareButton type="button" px="0" color="quiet" onClick={() => setLive(false)}>
        {findWords.stopReading()}
      </BareButton>
      <Refusal words={error?.message} />
    </Flex>
  );
}
