import type { Difference } from '../api/client';
import { appWords } from '../words/page/app';
import { TwoVersions } from './TwoVersions';

/** What somebody else made of a document meanwhile, beside one's own. */
export function BothVersions({
  conflict,
}: {
  conflict: { changedBy: string; differences: Difference[] };
}) {
  return (
    <TwoVersions heads={[conflict.changedBy, appWords.you()]} differences={conflict.differences} />
  );
}
