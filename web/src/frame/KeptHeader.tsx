import { memo, useCallback, useEffect, useRef } from 'react';
import type { Job, Vehicle } from '../api/client';
import type { KeptStage } from '../kept/documents';
import { UndoChange, type Undoable } from '../kept/UndoChange';
import { StageHeader } from './StageHeader';

interface Shown {
  page: { job: Job; vehicle: Vehicle };
  here: KeptStage;
  isChanged?: boolean;
  offline: boolean;
}

/** The top line of a stage whose document is kept at each change: the last one can be undone. */
export function KeptHeader<T>({ kept, ...shown }: Shown & Undoable<T>) {
  const latest = useRef(kept.change);
  useEffect(() => {
    latest.current = kept.change;
  });
  const change = useCallback(
    (content: unknown, madeOn?: number) => latest.current(content as T, madeOn),
    [],
  );
  return <Head {...shown} waits={kept.waits} change={change} />;
}

/** Not drawn again with each step of what is dragged below it. */
const Head = memo(function Head({
  page,
  here,
  isChanged,
  offline,
  waits,
  change,
}: Shown & { waits: boolean; change: (content: unknown, madeOn?: number) => void }) {
  return (
    <StageHeader job={page.job} vehicle={page.vehicle} here={here} offline={offline}>
      <UndoChange stage={here} job={page.job} kept={{ waits, change }} isChanged={isChanged} />
    </StageHeader>
  );
});
