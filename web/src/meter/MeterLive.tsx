import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { useMeter, useSimulatedMeter, type MeterQuantity } from '../api/queries';
import { browserMemory } from '../browser/memory';
import { TextField } from '../settings/fields';
import { BareButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { decimalText } from '../words/numbers';
import { meterWords } from '../words/page/meter';
import { steadiness } from './steadiness';

const ADDRESS = 'mellow.meter';

/** What a foot switch sends: nobody has a hand free while both probes are held. */
const FOOT_KEY = 'PageDown';

/** What a meter in the shop’s network shows, read again and again; a press keeps it. */
export function MeterLive({
  what,
  keep,
  into,
  place,
}: {
  what: MeterQuantity;
  keep: (value: number) => void;
  /** Where a kept figure goes, if there are several places. */
  into?: string;
  /** Puts the simulated meter where it is to be read; another one where that is elsewhere. */
  place?: () => Promise<unknown>;
}) {
  const [live, setLive] = useState(false);
  // what it shows is none of this place while it could not be put there
  const [misplaced, setMisplaced] = useState<string>();
  useEffect(() => {
    if (!live || !place) {
      return;
    }
    let isLatest = true;
    const placed = (problem?: Error) => isLatest && setMisplaced(problem?.message);
    void place().then(() => placed(), placed);
    return () => {
      isLatest = false;
    };
  }, [live, place]);
  if (!live) {
    return (
      <BareButton type="button" px="0" color="quiet" fontSize="15px" onClick={() => setLive(true)}>
        {meterWords.readLive()}
      </BareButton>
    );
  }
  return (
    <Reading
      what={what}
      keep={keep}
      into={into}
      misplaced={misplaced}
      stop={() => setLive(false)}
    />
  );
}

function Reading({
  what,
  keep,
  into,
  misplaced,
  stop,
}: {
  what: MeterQuantity;
  keep: (value: number) => void;
  into: string | undefined;
  /** Why the simulated meter is not where it is to be read. */
  misplaced: string | undefined;
  stop: () => void;
}) {
  const simulated = useSimulatedMeter();
  const [typed, setTyped] = useState(() => browserMemory.get(ADDRESS));
  const address = typed ?? simulated.data?.address ?? '';
  const { data, error, dataUpdatedAt } = useMeter(address, what, address !== '');
  const isSimulated = address === simulated.data?.address;
  const problem = (isSimulated ? misplaced : undefined) ?? error?.message;
  const value = problem === undefined ? data?.value : undefined;
  const [shown, setShown] = useState<{ at: number; values: number[] }>({ at: 0, values: [] });
  if (value !== undefined && dataUpdatedAt !== shown.at) {
    setShown({ at: dataUpdatedAt, values: [...shown.values.slice(-11), value] });
  }
  const steady = steadiness(shown.values);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key === FOOT_KEY && value !== undefined) {
        event.preventDefault();
        keep(value);
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [keep, value]);
  return (
    <Box pt="4px">
      <Flex align="end" gap="14px" wrap="wrap">
        <Box w="168px">
          <TextField
            label={meterWords.address()}
            value={address}
            set={(next) => {
              setTyped(next);
              browserMemory.set(ADDRESS, next);
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
          minW="112px"
          color={steady === 'settling' ? 'quiet' : 'ink'}
        >
          {value !== undefined
            ? meterWords.now({ value: decimalText(value), unit: data?.unit ?? '' })
            : data && problem === undefined && meterWords.over()}
        </Box>
        {value !== undefined && (
          <PlainButton type="button" onClick={() => keep(value)}>
            {into === undefined ? meterWords.keep() : meterWords.keepInto({ into })}
          </PlainButton>
        )}
        <BareButton type="button" px="0" color="quiet" onClick={stop}>
          {meterWords.stop()}
        </BareButton>
      </Flex>
      <Box color="quiet" fontSize="15px">
        {value !== undefined &&
          (steady === 'settling'
            ? meterWords.settling()
            : steady === 'held'
              ? meterWords.held()
              : meterWords.footKey())}
      </Box>
      <Refusal words={problem} />
    </Box>
  );
}
