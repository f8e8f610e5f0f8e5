import { Box, Flex } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { WorkshopPage as Page } from '../app/api/client';
import { PlainButton } from '../app/buttons';
import { useCommand } from '../app/commands';
import { Fetched } from '../app/Fetched';
import { Refusal } from '../app/Refusal';
import { EXPECTED, litFirst, openItem, outcomesOf, prove } from './proofing';
import { useWorkshopPage, useWriting } from './useWorkshop';

/** Proving from before the lamps while somebody else works the switches: one state, one lamp. */
export function ProofStandBack() {
  const { id = '' } = useParams();
  return (
    <Fetched query={useWorkshopPage(id)} what="job">
      {(page) => <Standing page={page} />}
    </Fetched>
  );
}

function Standing({ page }: { page: Page }) {
  const navigate = useNavigate();
  const { tell, problem } = useWriting(page.job.id, 'PROVE');
  const { items } = page.proof;
  const [at, setAt] = useState(() => openItem(items));
  const [lampAt, setLampAt] = useState(0);
  const leave = useCallback(
    () => void navigate(`/jobs/${page.job.id}/prove`),
    [navigate, page.job.id],
  );
  useCommand('Escape', 'Back', leave);
  const item = items[at];
  const lamps = item ? litFirst(item) : [];
  const cell = lamps[Math.min(lampAt, lamps.length - 1)];
  const onward = () => {
    if (lampAt + 1 < lamps.length) {
      setLampAt(lampAt + 1);
    } else if (at + 1 < items.length) {
      setAt(at + 1);
      setLampAt(0);
    } else {
      leave();
    }
  };
  const back = () => {
    if (lampAt > 0) {
      setLampAt(lampAt - 1);
    } else if (at > 0) {
      setAt(at - 1);
      setLampAt(0);
    } else {
      leave();
    }
  };
  if (!item || !cell) {
    return null;
  }
  return (
    <Flex
      as="main"
      direction="column"
      h="100dvh"
      overflow="hidden"
      px={{ base: '18px', md: '40px' }}
      pt="22px"
    >
      <Box fontFamily="heading" fontSize="clamp(22px, 3.4vw, 44px)" color="lamp" lineHeight="1.15">
        {item.moves.length > 0 && lampAt === 0 ? `Say: ${item.moves.join(', ')}` : item.name}
      </Box>
      <Flex direction="column" justify="center" flex="1" minH="0">
        <Box
          as="h1"
          fontFamily="heading"
          fontWeight="600"
          fontSize="clamp(34px, 7vw, 96px)"
          lineHeight="1.05"
        >
          {cell.words}
        </Box>
        <Box
          data-figure
          fontFamily="heading"
          fontWeight="700"
          fontSize="min(30vh, 20vw)"
          lineHeight="1"
        >
          {EXPECTED[cell.expected]}
        </Box>
      </Flex>
      <Refusal words={problem} fontSize="22px" pb="8px" />
      <Flex gap="10px" pb="10px" wrap="wrap">
        {outcomesOf(cell).map(([outcome, words]) => (
          <PlainButton
            key={outcome}
            flex={outcome === 'WORKS' ? '2' : '1'}
            minH={{ base: '76px', md: '110px' }}
            borderRadius="10px"
            fontSize="clamp(18px, 2.4vw, 32px)"
            bg={outcome === 'WORKS' ? 'within' : undefined}
            color={outcome === 'WORKS' ? 'onVerdict' : 'ink'}
            borderColor={outcome === 'WORKS' ? 'within' : 'rule'}
            aria-pressed={cell.outcome === outcome}
            onClick={() => {
              void prove(tell, item, cell, {
                outcome,
                tries: outcome === 'AFTER_TRIES' ? 2 : 0,
              });
              onward();
            }}
          >
            {words}
          </PlainButton>
        ))}
      </Flex>
      <Flex
        h={{ base: '72px', md: '88px' }}
        borderTopWidth="2px"
        borderColor="hairline"
        mx={{ base: '-18px', md: '-40px' }}
      >
        <PlainButton
          flex="1"
          borderWidth="0"
          borderRadius="0"
          fontSize="24px"
          onClick={back}
          h="100%"
        >
          Back
        </PlainButton>
        <Flex flex="1" align="center" justify="center" color="quiet" fontSize="20px">
          state {at + 1} of {items.length}
        </Flex>
        <PlainButton
          flex="1"
          borderWidth="0"
          borderRadius="0"
          fontSize="24px"
          onClick={onward}
          h="100%"
        >
          Pass over
        </PlainButton>
      </Flex>
    </Flex>
  );
}
