import { Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { PlainButton } from './buttons';

const STAGES = [
  { id: 'came', words: 'As it came', path: '/as-it-came' },
  { id: 'place', words: 'Place', path: '/place' },
  { id: 'wall', words: 'Wall', path: '' },
] as const;

/** From one stage of a job to another, in the order of work. */
export function StageLinks({
  jobId,
  here,
}: {
  jobId: string;
  here: (typeof STAGES)[number]['id'];
}) {
  return (
    <Flex as="nav" aria-label="Stages" gap="2px">
      {STAGES.map((stage) => (
        <PlainButton
          key={stage.id}
          asChild
          borderWidth="0"
          px="10px"
          color={stage.id === here ? 'lamp' : 'ink'}
        >
          <Link
            to={`/jobs/${jobId}${stage.path}`}
            aria-current={stage.id === here ? 'page' : undefined}
          >
            {stage.words}
          </Link>
        </PlainButton>
      ))}
    </Flex>
  );
}
