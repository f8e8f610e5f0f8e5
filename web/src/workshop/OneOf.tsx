import { Flex } from '@chakra-ui/react';
import type { EntryEdit } from '../api/client';
import { PlainButton } from '../ui/buttons';
import type { Tell, Write } from './useWorkshop';
import { workshopWords } from '../words/page/workshop';

type Which = NonNullable<EntryEdit['choice']>['which'];

/** The ways of doing one thing, of which a job takes one. */
export function OneOf({
  which,
  label,
  options,
  value,
  keep,
}: {
  which: Which;
  label?: string;
  options: readonly (readonly [string, string])[];
  value: string;
  keep: Tell | Write;
}) {
  return (
    <Flex gap="4px" role={label && 'group'} aria-label={label}>
      {options.map(([option, words]) => (
        <PlainButton
          key={option}
          px="12px"
          fontSize="15px"
          aria-pressed={value === option}
          bg={value === option ? 'lampFill' : undefined}
          color={value === option ? 'onLamp' : 'ink'}
          onClick={() =>
            void keep({ choice: { which, value: option } }, workshopWords.chosenWords({ words }))
          }
        >
          {words}
        </PlainButton>
      ))}
    </Flex>
  );
}
