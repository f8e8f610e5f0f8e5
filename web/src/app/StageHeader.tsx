import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Job, Vehicle } from './api/client';
import { Header, UnitsButton } from './Header';
import { StageMenu } from './StageMenu';
import type { Stage } from './stages';
import { appWords } from '../words/page/app';

/** The top line of a job's stage: which vehicle, what is done, where else one can go. */
export function StageHeader({
  job,
  vehicle,
  here,
  more = '',
  offline,
  children,
}: {
  job: Job;
  vehicle: Vehicle;
  here: Stage;
  /** Said behind the work. */
  more?: string;
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
      {offline && (
        <Box role="status" color="out" fontSize="15px" px={{ base: '14px', lg: '26px' }} pb="2px">
          {appWords.noConnectionWhatYouTypeOr()}
        </Box>
      )}
    </>
  );
}
