import { Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { PlainButton } from './buttons';
import { STAGE_PAGES, stagePath, type Stage } from './stages';

/** From one stage of a job to another, where the screen is too narrow for the job's strip. */
export function StageLinks({ jobId, here }: { jobId: string; here: Stage }) {
  return (
    <Flex as="nav" aria-label="Stages" gap="2px" wrap="wrap" hideFrom="lg">
      {(Object.keys(STAGE_PAGES) as Stage[]).map((stage) => (
        <PlainButton
          key={stage}
          asChild
          borderWidth="0"
          px="10px"
          color={stage === here ? 'lamp' : 'ink'}
        >
          <Link to={stagePath(jobId, stage)} aria-current={stage === here ? 'page' : undefined}>
            {STAGE_PAGES[stage].words}
          </Link>
        </PlainButton>
      ))}
    </Flex>
  );
}
