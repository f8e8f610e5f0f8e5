import { Box, Flex } from '@chakra-ui/react';
import { useNavigate, useParams } from 'react-router';
import type { FindPage as Page } from '../api/client';
import { useFindPage } from '../api/queries';
import { EarlierLine } from '../frame/EarlierLine';
import { Fetched } from '../frame/Fetched';
import { Waits } from '../kept/Waits';
import { PlainButton } from '../ui/buttons';
import { useCommand } from '../ui/commands';
import { Refusal } from '../ui/Refusal';
import { appWords } from '../words/page/app';
import { findWords } from '../words/page/find';
import { Answers } from './Answers';
import { shareText } from './checking';
import { whyWords } from './NextCheck';
import { standing } from './standing';
import { useHunt } from './useHunt';

/** What is to be checked, or why nothing is. */
function headline(page: Page): string {
  const next = page.find.ended ? undefined : page.hunt?.next;
  return next?.check.words ?? standing(page, page.find)[1];
}

/** Searching with both hands at the vehicle: one check at a time, large answers. */
export function FindStandBack() {
  const { id = '' } = useParams();
  return (
    <Fetched query={useFindPage(id)} what="job">
      {(page) => <Standing page={page} />}
    </Fetched>
  );
}

function Standing({ page }: { page: Page }) {
  const navigate = useNavigate();
  const { checked, problem } = useHunt(page.job.id);
  const leave = () => void navigate(`/jobs/${page.job.id}/find`);
  useCommand('Escape', appWords.back(), leave);
  const { hunt } = page;
  const next = page.find.ended ? undefined : hunt?.next;
  const first = hunt?.candidates[0];
  return (
    <Flex
      as="main"
      direction="column"
      minH="100dvh"
      px={{ base: '18px', md: '40px' }}
      pt="22px"
      gap="14px"
    >
      <Box mx={{ base: '-18px', md: '-40px' }} mt="-22px">
        <EarlierLine />
      </Box>
      <Box color="lamp" fontFamily="heading" fontSize="clamp(20px, 2.6vw, 34px)" lineHeight="1.15">
        {next &&
          first &&
          hunt?.standing !== 'NOTHING_SEEN' &&
          findWords.likeliest({
            words: first.words,
            share: shareText(first.shares.at(-1) ?? 0),
          })}
      </Box>
      <Flex direction="column" justify="center" flex="1">
        <Box
          as="h1"
          fontFamily="heading"
          fontWeight="600"
          fontSize="clamp(30px, 5.4vw, 76px)"
          lineHeight="1.08"
        >
          {headline(page)}
        </Box>
        {next && (
          <Box color="quiet" fontSize="clamp(18px, 2vw, 26px)" pt="8px">
            {whyWords(next)}
          </Box>
        )}
      </Flex>
      <Box color="quiet">{findWords.checksSoFar({ count: hunt?.lines.length ?? 0 })}</Box>
      <Waits jobId={page.job.id} fontSize="22px" px="0" />
      <Refusal words={problem} fontSize="22px" />
      {hunt && next && (
        <Answers
          key={`${JSON.stringify(next.check.check)} ${String(hunt.lines.length)}`}
          jobId={page.job.id}
          hunt={hunt}
          check={next.check}
          checked={checked}
          large
        />
      )}
      <PlainButton
        borderWidth="0"
        borderTopWidth="2px"
        borderColor="hairline"
        borderRadius="0"
        fontSize="24px"
        mx={{ base: '-18px', md: '-40px' }}
        minH={{ base: '64px', md: '80px' }}
        onClick={leave}
      >
        {appWords.back()}
      </PlainButton>
    </Flex>
  );
}
