import { useNavigate } from 'react-router';
import type { Job } from '../api/client';
import { useStanding } from '../api/queries';
import { ActButton } from '../ui/buttons';
import { STAGE_PAGES, stageAfter, stagePath, unknownStanding, type Stage } from '../ui/stages';

/** On to the next stage of the job's own plan. */
export function NextStage({ job, here }: { job: Job; here: Stage }) {
  const navigate = useNavigate();
  const { stages } = useStanding(job.id, job.touchedAt).data ?? unknownStanding(here);
  const next = stageAfter(stages, here);
  return next ? (
    <ActButton onClick={() => void navigate(stagePath(job.id, next))}>
      {STAGE_PAGES[next].words}
    </ActButton>
  ) : null;
}
