import { Flex } from '@chakra-ui/react';
import { PlainButton } from './buttons';

/** Things of which any number can be chosen, each a button. */
export function ChoiceButtons<T extends string>({
  label,
  options,
  chosen,
  onToggle,
  ink = 'ink',
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  chosen: readonly T[];
  onToggle: (option: T) => void;
  /** The colour of what is not chosen: other grounds need another. */
  ink?: 'ink' | 'tapeInk';
}) {
  return (
    <Flex gap="5px" wrap="wrap" role="group" aria-label={label}>
      {options.map(([option, words]) => {
        const on = chosen.includes(option);
        return (
          <PlainButton
            key={option}
            type="button"
            px="12px"
            aria-pressed={on}
            bg={on ? 'lampFill' : undefined}
            color={on ? 'onLamp' : ink}
            borderColor={on ? 'lampFill' : 'rule'}
            onClick={() => onToggle(option)}
          >
            {words}
          </PlainButton>
        );
      })}
    </Flex>
  );
}

/** The list with the option put in, or taken out where it was in. */
export function toggled<T>(chosen: readonly T[], option: T): T[] {
  return chosen.includes(option) ? chosen.filter((one) => one !== option) : [...chosen, option];
}
