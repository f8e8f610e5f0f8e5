import { Box, Flex } from '@chakra-ui/react';
import type { PartEdit, PartsSheet } from '../api/client';
import { VerdictShape } from '../finding/VerdictShape';
import { outcomeWords, verdictOf } from './parts';
import { appWords } from '../words/page/app';
import { sideWord } from '../words/terms';

/** The parts of the job, each with where it stands. */
export function PartColumn({
  parts,
  sheet,
  chosenId,
  onChoose,
}: {
  parts: PartEdit[];
  sheet: PartsSheet;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}) {
  return (
    <Box as="ul" listStyleType="none" aria-label={appWords.parts()}>
      {parts.map((part) => {
        const verdict = verdictOf(sheet.findings, part.id);
        return (
          <li key={part.id}>
            <Flex
              as="button"
              gap="12px"
              w="100%"
              minH="48px"
              py="5px"
              textAlign="left"
              align="flex-start"
              cursor="pointer"
              aria-pressed={part.id === chosenId}
              onClick={() => onChoose(part.id)}
            >
              <Box pt="1px">
                <VerdictShape verdict={verdict} />
              </Box>
              <Box minW="0">
                <Box
                  fontFamily="heading"
                  fontWeight="600"
                  fontSize="17px"
                  lineHeight="1.2"
                  color={part.id === chosenId ? 'lamp' : 'ink'}
                >
                  {part.name}
                </Box>
                <Box color="quiet">
                  {[part.side && sideWord(part.side), outcomeWords(part)]
                    .filter(Boolean)
                    .join(', ')}
                </Box>
              </Box>
            </Flex>
          </li>
        );
      })}
    </Box>
  );
}
