import { Box, Flex } from '@chakra-ui/react';
import type { Controls, FeedSheet } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { KEYS, LIGHTS, TURNS } from '../circuit/words';
import { feedWords } from '../words/page/feed';

function Buttons<T extends string>({
  label,
  options,
  value,
  set,
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T;
  set: (value: T) => void;
}) {
  return (
    <Box role="group" aria-label={label} pb="6px">
      <Box fontFamily="heading" fontWeight="600" pb="3px">
        {label}
      </Box>
      <Flex wrap="wrap" gap="4px">
        {options.map(([option, words]) => (
          <PlainButton
            key={option}
            borderRadius="6px"
            flex="1 0 auto"
            minW="54px"
            px="6px"
            aria-pressed={value === option}
            bg={value === option ? 'lampFill' : 'panel'}
            color={value === option ? 'onLamp' : 'ink'}
            borderColor={value === option ? 'lampFill' : 'rule'}
            onClick={() => set(option)}
          >
            {words}
          </PlainButton>
        ))}
      </Flex>
    </Box>
  );
}

const ON_OFF = [
  ['off', feedWords.off()],
  ['on', feedWords.on()],
] as const;

/** The driver's controls, as far as the plan has anything to do with them. */
export function DriverSeat({
  sheet,
  controls,
  set,
}: {
  sheet: FeedSheet;
  controls: Controls;
  set: (controls: Controls) => void;
}) {
  const asked = (needs: (controls: Controls) => boolean) =>
    sheet.states.some((state) => needs(state.controls));
  return (
    <Box>
      <Buttons
        label={feedWords.key()}
        options={KEYS}
        value={controls.key}
        set={(key) => set({ ...controls, key })}
      />
      <Buttons
        label={feedWords.lights()}
        options={LIGHTS}
        value={controls.lights}
        set={(lights) => set({ ...controls, lights })}
      />
      {asked((at) => at.fog) && (
        <Buttons
          label={feedWords.fogSwitch()}
          options={ON_OFF}
          value={controls.fog ? 'on' : 'off'}
          set={(on) => set({ ...controls, fog: on === 'on' })}
        />
      )}
      {asked((at) => at.auxiliary) && (
        <Buttons
          label={feedWords.auxiliarySwitch()}
          options={ON_OFF}
          value={controls.auxiliary ? 'on' : 'off'}
          set={(on) => set({ ...controls, auxiliary: on === 'on' })}
        />
      )}
      {asked((at) => at.turn !== 'OFF') && (
        <Buttons
          label={feedWords.turn()}
          options={TURNS}
          value={controls.turn}
          set={(turn) => set({ ...controls, turn })}
        />
      )}
    </Box>
  );
}
