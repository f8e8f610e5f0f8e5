import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import type { Write } from '../workshop/useWorkshop';
import { workshopWords } from '../words/page/workshop';
import { sideWord } from '../words/terms';
import { dateFormat } from '../words/dates';

const DAY = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });

/** The ladder of grits; each rung says what the lens should look like before the next. */
export function LensView({ page, write }: { page: Page; write: Write }) {
  const [problem, setProblem] = useState<string>();
  const { lens, lookAgainFrom, lookAgainLatest } = page.bench;
  const climb = async (side: 'LEFT' | 'RIGHT', grit: number, words: string) => {
    try {
      await write(
        { lens: { side, grit } },
        workshopWords.sideLensWords({ side: sideWord(side), words }),
      );
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <>
      <Box color="quiet">{workshopWords.decidedByTheLensOnceIt()}</Box>
      <Refusal words={problem} pt="6px" />
      {lens.map((rung) => (
        <Flex
          key={rung.grit}
          align="center"
          gap="12px"
          py="8px"
          borderTopWidth="1px"
          borderColor="hairline"
          wrap="wrap"
        >
          <Box w="150px" fontFamily="heading" fontWeight="600" fontSize="19px" lineHeight="1.15">
            {rung.words}
          </Box>
          <Box flex="1" minW="200px">
            {rung.look}
          </Box>
          {(['LEFT', 'RIGHT'] as const).map((side) => {
            const done = rung.done.includes(side);
            return (
              <PlainButton
                key={side}
                aria-pressed={done}
                aria-label={workshopWords.sideLensListed({
                  side: sideWord(side),
                  words: rung.words,
                })}
                bg={done ? 'lampFill' : undefined}
                color={done ? 'onLamp' : 'ink'}
                onClick={() => void climb(side, rung.grit, rung.words)}
              >
                {sideWord(side)} {done && '✓'}
              </PlainButton>
            );
          })}
        </Flex>
      ))}
      {lookAgainFrom && lookAgainLatest && (
        <Box pt="10px">
          {workshopWords.itLastsOneToTwoYears({
            value: DAY.format(new Date(lookAgainFrom)),
            value2: DAY.format(new Date(lookAgainLatest)),
          })}
        </Box>
      )}
    </>
  );
}
