import { Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { PlannedStage } from './api/client';
import { PlainButton } from './buttons';

const STAGES = [
  { id: 'take-in', words: 'Take in', path: '/take-in' },
  { id: 'came', words: 'As it came', path: '/as-it-came' },
  { id: 'parts', words: 'Parts', path: '/parts' },
  { id: 'place', words: 'Place', path: '/place' },
  { id: 'wall', words: 'Wall', path: '' },
] as const;

/** Where the stages of a plan are worked, as far as they have a page of their own. */
export const STAGE_PATHS: Partial<Record<PlannedStage['stage'], string>> = {
  TAKE_IN: '/take-in',
  CAME: '/as-it-came',
  PARTS: '/parts',
  PLACE: '/place',
  WALL: '',
};

export type StageId = (typeof STAGES)[number]['id'];

/** From one stage of a job to another, in the order of work. */
export function StageLinks({ jobId, here }: { jobId: string; here: StageId }) {
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
