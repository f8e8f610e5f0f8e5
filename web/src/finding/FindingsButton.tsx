import { BareButton } from '../ui/buttons';
import { appWords } from '../words/page/app';

/** How many findings there are, and the way to all of them; nothing where there is none. */
export function FindingsButton({ count, onOpen }: { count: number; onOpen: () => void }) {
  return (
    count > 0 && (
      <BareButton color="quiet" onClick={onOpen}>
        {appWords.countFindings({ count })}
      </BareButton>
    )
  );
}
