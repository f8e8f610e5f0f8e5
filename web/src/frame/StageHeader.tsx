import { Box } from '@chakra-ui/react';
import { memo, type ReactNode } from 'react';
import type { Job, Vehicle } from '../api/client';
import { Header, UnitsButton } from './Header';
import { StageMenu } from './StageMenu';
import type { Stage } from '../ui/stages';
import { Waits } from '../kept/Waits';
import { appWords } from '../words/page/app';

/** What each stage's page is kept under. */
const KEPT_UNDER: Record<Stage, string> = {
  TAKE_IN: 'take-in',
  CAME: 'job',
  FIND: 'find',
  PARTS: 'parts',
  PLACE: 'place',
  FEED: 'feed',
  APART: 'workshop',
  BENCH: 'workshop',
  PROVE: 'workshop',
  TOGETHER: 'workshop',
  WALL: 'job',
  HAND_OVER: 'hand-over',
};

/** The top line of a job's stage: which vehicle, what is done, where else one can go. */
export const StageHeader = memo(function StageHeader({
  job,
  vehicle,
  here,
  more = '',
  keptUnder = KEPT_UNDER[here],
  offline,
  children,
}: {
  job: Job;
  vehicle: Vehicle;
  here: Stage;
  /** Said behind the work. */
  more?: string;
  /** What the page is kept under, where it is another than that of its stage. */
  keptUnder?: string;
  offline: boolean;
  children?: ReactNode;
}) {
  return (
    <>
      <Header
        title={
          <>
            <Box as="span" hideFrom="lg">
              {vehicle.nickname || vehicle.name}
            </Box>
            <Box as="span" hideBelow="lg">
              {vehicle.name}, {vehicle.nickname}
            </Box>
          </>
        }
        subtitle={
          // two lines at most, so that the horizon stays where it is
          <>
            <Box lineClamp={more ? 1 : 2} data-shortened title={job.work}>
              {job.work}
            </Box>
            {more && (
              <Box lineClamp="1" data-shortened title={more}>
                {more}
              </Box>
            )}
          </>
        }
      >
        <StageMenu job={job} here={here} />
        <UnitsButton />
        {children}
      </Header>
      <Waits jobId={job.id} shows={keptUnder} />
      {offline && (
        <Box role="status" color="out" fontSize="15px" px={{ base: '14px', lg: '26px' }} pb="2px">
          {appWords.noConnectionWhatYouTypeOr()}
        </Box>
      )}
    </>
  );
});
