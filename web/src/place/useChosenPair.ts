import { useMemo, useState } from 'react';
import type { PlacePage, FrontEdit } from '../api/client';
import { isMirrored, mirrored, withPair } from '../vehicle/shapes';
import { isOfPair, lampOf } from '../finding/subject';

/** The pair that is worked on, and whether its sides are moved apart. */
export function useChosenPair(
  page: PlacePage,
  front: FrontEdit,
  sheet: PlacePage['sheet'],
  change: (front: FrontEdit) => void,
) {
  const [chosenId, setChosenId] = useState<string | undefined>(
    () => lampOf(foremostOf(page.sheet)?.subject ?? '')?.which ?? page.front.pairs[0]?.id,
  );
  const [parted, setParted] = useState(false);
  const chosen = front.pairs.find((pair) => pair.id === chosenId) ?? front.pairs[0];
  const apart = parted || (chosen !== undefined && !isMirrored(chosen));
  const part = () => {
    if (apart && chosen && !isMirrored(chosen)) {
      change(withPair(front, mirrored(chosen)));
    }
    setParted(!apart);
  };
  const pairId = chosen?.id;
  const ofChosen = useMemo(
    () => sheet.findings.filter((finding) => pairId && isOfPair(finding, pairId)),
    [sheet, pairId],
  );
  return { chosen, setChosenId, ofChosen, apart, part };
}

const foremostOf = (sheet: PlacePage['sheet']) =>
  sheet.findings.find((finding) => finding.id === sheet.foremost);
