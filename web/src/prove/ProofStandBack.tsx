import { Box, Flex } from '@chakra-ui/react';
import { useNavigate, useParams } from 'react-router';
import type { WorkshopPage as Page } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Fetched } from '../frame/Fetched';
import { Refusal } from '../ui/Refusal';
import { Waits } from '../kept/Waits';
import { EarlierLine } from '../frame/EarlierLine';
import { useWorkshopPage, useWriting } from '../workshop/useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';
import { useProofWalk } from './useProofWalk';
import { EXPECTED, outcomesOf, prove, type Outcome } from './proofing';

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
  const leave = () => void navigate(`/jobs/${page.job.id}/prove`);
  useCommand('Escape', appWords.back(), leave);
  const { items } = page.proof;
  const { item, at, asked, begins, askEach, onward, back } = useProofWalk(items, leave);
  const cell = asked?.[0];
  const press = (outcome: Outcome) => {
    if (!item || !asked) {
      return;
    }
    if (outcome !== 'WORKS' && asked.length > 1) {
      // one of them may be as it should be: they are asked for by themselves
      askEach();
      return;
    }
    asked.forEach(
      (lamp) => void prove(tell, item, lamp, { outcome, tries: outcome === 'AFTER_TRIES' ? 2 : 0 }),
    );
    onward();
  };
  if (!item || !asked || !cell) {
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
      <Box mx={{ base: '-18px', md: '-40px' }} mt="-22px" mb="22px">
        <EarlierLine />
      </Box>
      <Box fontFamily="heading" fontSize="clamp(22px, 3.4vw, 44px)" color="lamp" lineHeight="1.15">
        {item.moves.length > 0 && begins
          ? workshopWords.say({ value: item.moves.join(', ') })
          : item.name}
      </Box>
      <Flex direction="column" justify="center" flex="1" minH="0">
        <Box
          as="h1"
          fontFamily="heading"
          fontWeight="600"
          fontSize="clamp(34px, 7vw, 96px)"
          lineHeight="1.05"
        >
          {asked.length > 1
            ? workshopWords.functionWordsBoth({ functionWords: cell.functionWords })
            : cell.words}
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
      <Waits jobId={page.job.id} fontSize="22px" px="0" />
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
            aria-pressed={asked.every((lamp) => lamp.outcome === outcome)}
            onClick={() => press(outcome)}
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
          {appWords.back()}
        </PlainButton>
        <Flex flex="1" align="center" justify="center" color="quiet" fontSize="20px">
          {workshopWords.stateAtOfLength({ at: at + 1, length: items.length })}
        </Flex>
        <PlainButton
          flex="1"
          borderWidth="0"
          borderRadius="0"
          fontSize="24px"
          onClick={onward}
          h="100%"
        >
          {workshopWords.passOver()}
        </PlainButton>
      </Flex>
    </Flex>
  );
}
