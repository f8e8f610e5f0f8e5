import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Job, JobEdit, JobPage, SchoolRow } from '../api/client';
import { putJob } from '../api/queries';

/** A job as it would be sent to be changed. */
export function jobEdit(job: Job): JobEdit {
  return {
    version: job.version,
    vehicleId: job.vehicleId,
    bayId: job.bayId,
    work: job.work,
    ruleSet: job.ruleSet,
    traffic: job.traffic,
    units: job.units,
    school: job.school,
    labelTyped: job.labelTyped,
    stanceChanged: job.stanceChanged,
    frontClosed: job.frontClosed,
    markEdge: job.markEdge,
    markOrigin: job.markOrigin,
    tapeWidthMm: job.tapeWidthMm,
  };
}

/** Chooses another school for the job. */
export function useChooseSchool(page: JobPage) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (school: SchoolRow['school']) =>
      putJob(page.job.id, { ...jobEdit(page.job), school }),
    onSuccess: (fresh) => client.setQueryData(['job', page.job.id], fresh),
    onError: () => void client.invalidateQueries({ queryKey: ['job', page.job.id] }),
  });
}
