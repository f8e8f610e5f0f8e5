import type { Job, Vehicle } from '../api/client';
import type { KeptStage } from '../kept/documents';
import { UndoChange, type Undoable } from '../kept/UndoChange';
import { StageHeader } from './StageHeader';

/** The top line of a stage whose document is kept at each change: the last one can be undone. */
export function KeptHeader<T>({
  page,
  here,
  kept,
  isChanged,
  offline,
}: {
  page: { job: Job; vehicle: Vehicle };
  here: KeptStage;
  offline: boolean;
} & Undoable<T>) {
  return (
    <StageHeader job={page.job} vehicle={page.vehicle} here={here} offline={offline}>
      <UndoChange stage={here} job={page.job} kept={kept} isChanged={isChanged} />
    </StageHeader>
  );
}
