import type { Difference } from '../api/client';
import { Sheet } from '../ui/Sheet';
import { appWords } from '../words/page/app';
import { BothVersions } from './BothVersions';

/** Both versions of what somebody else changed meanwhile, where it was asked for. */
export function ConflictSheet({
  conflict,
  open,
  close,
}: {
  conflict: { changedBy: string; differences: Difference[] } | undefined;
  open: boolean;
  close: () => void;
}) {
  return (
    <Sheet
      title={appWords.changedMeanwhileByChangedBy({ changedBy: conflict?.changedBy ?? '' })}
      open={open && conflict !== undefined}
      close={close}
    >
      {conflict && <BothVersions conflict={conflict} />}
    </Sheet>
  );
}
