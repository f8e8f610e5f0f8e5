import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { ScrollRegion } from '../ui/ScrollRegion';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from '../settings/fields';
import type { Write } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

const SIDES = ['LEFT', 'RIGHT'] as const;

/** The flashes of each turn signal, counted over some seconds. */
export function FlashView({ page, write }: { page: Page; write: Write }) {
  return (
    <ScrollRegion label={workshopWords.flashRate()} px={{ base: '14px', lg: '24px' }} py="12px">
      <Box color="quiet">{workshopWords.countEachSideForTenSeconds()}</Box>
      {SIDES.map((side) => (
        <Counted key={side} side={side} write={write} />
      ))}
      {page.proof.flashes.map((finding) => (
        <Flex
          key={finding.id}
          align="center"
          gap="10px"
          py="10px"
          borderTopWidth="1px"
          borderColor="hairline"
          fontSize="18px"
        >
          <VerdictShape verdict={finding.verdict} size={22} />
          <Box>
            <SentenceText sentence={finding.headline} />
            {finding.remedy && (
              <Box color="quiet" fontSize="15px">
                <SentenceText sentence={finding.remedy} />
              </Box>
            )}
          </Box>
        </Flex>
      ))}
    </ScrollRegion>
  );
}

function Counted({ side, write }: { side: (typeof SIDES)[number]; write: Write }) {
  const words = side === 'LEFT' ? appWords.left() : appWords.right();
  const [flashes, setFlashes] = useState('');
  const [time, setTime] = useState('10 s');
  const [problem, setProblem] = useState<string>();
  const keep = async () => {
    if (!/^\s*[1-9]\d*\s*$/.test(flashes)) {
      setProblem(workshopWords.theFlashesAreAWholeNumber());
      return;
    }
    try {
      await write(
        { flash: { side, flashes: Number(flashes), time } },
        workshopWords.wordsTurnSignalFlashesFlashesIn({ words, flashes, time }),
      );
      setFlashes('');
      setProblem(undefined);
    } catch (refused) {
      setProblem((refused as Error).message);
    }
  };
  return (
    <Box py="8px">
      <Flex
        as="form"
        gap="10px"
        wrap="wrap"
        align="flex-end"
        aria-label={workshopWords.flashesWords({ words })}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Box w="180px">
          <TextField
            label={workshopWords.flashesWords({ words })}
            value={flashes}
            set={setFlashes}
            maxLength={3}
            placeholder="15"
          />
        </Box>
        <Box w="120px">
          <TextField
            label={workshopWords.inWords({ words })}
            value={time}
            set={setTime}
            maxLength={20}
          />
        </Box>
        <PlainButton type="submit">{workshopWords.record()}</PlainButton>
      </Flex>
      <Refusal words={problem} pt="6px" />
    </Box>
  );
}
