import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { WorkshopPage as Page } from '../app/api/client';
import { PlainButton } from '../app/buttons';
import { Refusal } from '../app/Refusal';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import { TextField } from '../settings/fields';
import type { Write } from './useWorkshop';

const SIDES = ['LEFT', 'RIGHT'] as const;

/** The flashes of each turn signal, counted over some seconds. */
export function FlashView({ page, write }: { page: Page; write: Write }) {
  return (
    <Box
      flex="1"
      minH="0"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label="Flash rate"
      px={{ base: '14px', lg: '24px' }}
      py="12px"
    >
      <Box color="quiet">
        Count each side for ten seconds or longer. A lamp that takes too little current flashes too
        fast.
      </Box>
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
    </Box>
  );
}

function Counted({ side, write }: { side: (typeof SIDES)[number]; write: Write }) {
  const words = side === 'LEFT' ? 'left' : 'right';
  const [flashes, setFlashes] = useState('');
  const [time, setTime] = useState('10 s');
  const [problem, setProblem] = useState<string>();
  const keep = async () => {
    if (!/^\s*[1-9]\d*\s*$/.test(flashes)) {
      setProblem('The flashes are a whole number, 1 or more.');
      return;
    }
    try {
      await write(
        { flash: { side, flashes: Number(flashes), time } },
        `${words} turn signal: ${flashes} flashes in ${time}`,
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
        aria-label={`Flashes, ${words}`}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Box w="180px">
          <TextField
            label={`Flashes, ${words}`}
            value={flashes}
            set={setFlashes}
            maxLength={3}
            placeholder="15"
          />
        </Box>
        <Box w="120px">
          <TextField label={`In, ${words}`} value={time} set={setTime} maxLength={20} />
        </Box>
        <PlainButton type="submit">Write it down</PlainButton>
      </Flex>
      <Refusal words={problem} pt="6px" />
    </Box>
  );
}
