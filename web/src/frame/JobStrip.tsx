import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import type { Horizon, Job } from '../api/client';
import { useStanding } from '../api/queries';
import { HorizonStrip } from '../finding/HorizonStrip';
import { joined } from './joined';
import { stagePath, unknownStanding, type Stage } from '../ui/stages';
import { appWords } from '../words/page/app';

/** The job's horizon with all its stages; the one that the page shows is parted into its own parts. */
export const JobStrip = memo(function JobStrip({
  job,
  here,
  own,
  onMark,
}: {
  job: Job;
  here: Stage;
  /** The page's own parts, as fresh as the page. */
  own?: Horizon;
  onMark?: (findingId: string) => void;
}) {
  const asked = useStanding(job.id, job.touchedAt);
  const whole = joined(asked.data ?? unknownStanding(here), here, own);
  // until it is known which stages there are, they may move away under a finger
  const links =
    asked.isPending && asked.failureCount === 0
      ? undefined
      : whole.stages.map((stage) => stage && stagePath(job.id, stage));
  return (
    <>
      <Box as="nav" aria-label={appWords.stages()} hideBelow="lg">
        <HorizonStrip horizon={whole.horizon} here={whole.here} links={links} onMark={onMark} />
      </Box>
      {own && (
        <Box hideFrom="lg" hideBelow="md">
          <HorizonStrip horizon={own} onMark={onMark} />
        </Box>
      )}
    </>
  );
});
