import { Box, NativeSelect } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import type { Job } from '../api/client';
import { useStanding } from '../api/queries';
import { STAGE_PAGES, stagePath, unknownStanding, type Stage } from '../ui/stages';
import { appWords } from '../words/page/app';

/** From one stage of a job to another, where the screen is too narrow for the job's strip. */
export function StageMenu({ job, here }: { job: Job; here: Stage }) {
  const navigate = useNavigate();
  const { stages } = useStanding(job.id, job.touchedAt).data ?? unknownStanding(here);
  return (
    <Box
      as="nav"
      aria-label={appWords.stages()}
      hideFrom="lg"
      flex={{ base: '1', md: 'none' }}
      minW="0"
    >
      <NativeSelect.Root>
        <NativeSelect.Field
          aria-label={appWords.stage()}
          h="48px"
          borderRadius="full"
          borderColor="rule"
          fontFamily="heading"
          fontWeight="600"
          fontSize="17px"
          color="lamp"
          value={here}
          onChange={(event) => void navigate(stagePath(job.id, event.target.value as Stage))}
          css={{ '& option': { background: 'var(--chakra-colors-panel)' } }}
        >
          {(Object.keys(STAGE_PAGES) as Stage[])
            .filter((stage) => stage === here || stages.includes(stage))
            .map((stage) => (
              <option key={stage} value={stage}>
                {STAGE_PAGES[stage].words}
              </option>
            ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  );
}
