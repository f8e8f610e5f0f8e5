import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Job, Vehicle } from './api/client';
import { Header, UnitsButton } from './Header';
import { StageLinks } from './StageLinks';
import type { Stage } from './stages';

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
    <Header
      title={`${vehicle.name}, ${vehicle.nickname}`}
      subtitle={
        <>
          {job.work}
          {more}
          {offline && (
            <Box as="span" color="out" role="status">
              {' '}
              · no connection; what you type or draw waits here
            </Box>
          )}
        </>
      }
    >
      <StageLinks jobId={job.id} here={here} />
      <UnitsButton />
      {children}
    </Header>
  );
}
