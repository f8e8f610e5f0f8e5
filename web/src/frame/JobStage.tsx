import type { UseQueryResult } from '@tanstack/react-query';
import { Fragment, type ReactNode } from 'react';
import { useParams } from 'react-router';
import type { Job } from '../api/client';
import { Fetched } from './Fetched';
import { UnitsProvider } from '../ui/session';

/** A stage of the job that the address names, in the job's units; begun anew for another job. */
export function JobStage<Page extends { job: Job }>({
  usePage,
  children,
}: {
  usePage: (jobId: string) => UseQueryResult<Page>;
  children: (page: Page, offline: boolean) => ReactNode;
}) {
  const { id = '' } = useParams();
  const query = usePage(id);
  return (
    <Fetched query={query} what="job">
      {(page) => (
        <UnitsProvider units={page.job.units}>
          <Fragment key={id}>{children(page, query.isRefetchError)}</Fragment>
        </UnitsProvider>
      )}
    </Fetched>
  );
}
