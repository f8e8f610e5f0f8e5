import type { FindEdit, FindPage } from '../api/client';
import { QuestionForm } from '../feed/QuestionForm';
import { ConflictSheet } from '../kept/ConflictSheet';
import type { Conflict } from '../kept/conflict';
import { Sheet } from '../ui/Sheet';
import { findWords } from '../words/page/find';
import { CircuitChoice } from './CircuitChoice';
import { EndForm } from './EndForm';
import { OtherCheck } from './OtherCheck';
import type { Checked } from './useHunt';

/** Which dialog stands over the page. */
export type Shown =
  | { what: 'circuit' | 'answers' | 'end' | 'both' | 'cautions' }
  | { what: 'other'; part?: string }
  | undefined;

/** The dialogs of a search. */
export function FindDialogs({
  page,
  find,
  shown,
  checked,
  problem,
  conflict,
  close,
  change,
}: {
  page: FindPage;
  find: FindEdit;
  shown: Shown;
  checked: Checked;
  problem: string | undefined;
  conflict: Conflict | undefined;
  close: () => void;
  change: (part: Partial<FindEdit>) => void;
}) {
  const { hunt } = page;
  return (
    <>
      <Sheet
        title={findWords.chooseTheCircuit()}
        open={shown?.what === 'circuit'}
        close={close}
        size="xl"
      >
        <CircuitChoice
          page={page}
          chosen={find.plan}
          onChoose={(plan) => {
            change({ plan });
            close();
          }}
        />
      </Sheet>
      <Sheet
        title={findWords.itsAnswers()}
        open={shown?.what === 'answers' && hunt !== undefined}
        close={close}
        size="xl"
      >
        {find.plan && hunt && (
          <QuestionForm
            sheet={hunt.sheet}
            plan={find.plan}
            slots={[]}
            problem={problem}
            onDone={(plan) => {
              change({ plan });
              close();
            }}
          />
        )}
      </Sheet>
      <Sheet
        title={findWords.otherCheck()}
        open={shown?.what === 'other' && hunt !== undefined}
        close={close}
        size="xl"
      >
        {hunt && shown?.what === 'other' && (
          <OtherCheck
            page={page}
            hunt={hunt}
            part={shown.part}
            plan={find.plan}
            onPlan={(plan) => change({ plan })}
            checked={async (seen, words) => {
              await checked(seen, words);
              close();
            }}
          />
        )}
      </Sheet>
      <Sheet
        title={findWords.endTheSearch()}
        open={shown?.what === 'end' && hunt !== undefined}
        close={close}
      >
        {hunt && (
          <EndForm
            hunt={hunt}
            ended={find.ended}
            onDone={(ended) => {
              change({ ended });
              close();
            }}
          />
        )}
      </Sheet>
      <ConflictSheet conflict={conflict} open={shown?.what === 'both'} close={close} />
    </>
  );
}
