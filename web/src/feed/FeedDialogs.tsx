import type { FeedEdit, FeedPage, Finding, SolvedFeed, SourceEdit } from '../api/client';
import { Sheet } from '../ui/Sheet';
import { ConflictSheet } from '../kept/ConflictSheet';
import type { Conflict } from '../kept/conflict';
import { ProbeForm } from '../harness/ProbeForm';
import { feedWords } from '../words/page/feed';
import { PartSheet } from './PartSheet';
import { QuestionForm } from './QuestionForm';

/** Which dialog stands over the page. */
export type Shown =
  | { what: 'part'; id: string }
  | { what: 'probe'; wire: SourceEdit }
  | { what: 'questions' | 'findings' | 'cautions' | 'both' }
  | undefined;

/** The dialogs in which a feed is changed or compared. */
export function FeedDialogs({
  page,
  feed,
  shown,
  solved,
  problem,
  conflict,
  close,
  onChange,
  onAsk,
  onNode,
}: {
  page: FeedPage;
  feed: FeedEdit;
  shown: Shown;
  solved: SolvedFeed | undefined;
  problem: string | undefined;
  conflict: Conflict | undefined;
  close: () => void;
  onChange: (part: Partial<FeedEdit>) => void;
  onAsk: (finding: Finding) => void;
  onNode: (node: string) => Promise<void>;
}) {
  const { sheet } = page;
  const { plan } = feed;
  const part = shown?.what === 'part' && sheet?.parts.find((one) => one.id === shown.id);
  return (
    <>
      <Sheet
        title={part ? part.name : feedWords.part()}
        open={shown?.what === 'part'}
        close={close}
      >
        {part && sheet && plan && (
          <PartSheet
            key={part.id}
            part={part}
            sheet={sheet}
            solved={solved}
            onAsk={onAsk}
            onNode={onNode}
            onChange={(values) => {
              onChange({
                plan: {
                  ...plan,
                  changes: { ...plan.changes, [part.id]: { ...plan.changes[part.id], ...values } },
                },
              });
              close();
            }}
          />
        )}
      </Sheet>
      <Sheet
        title={
          sheet && sheet.beside.length > 0
            ? feedWords.whatThePlansAsk()
            : feedWords.whatThePlanAsks()
        }
        open={shown?.what === 'questions'}
        close={close}
        size="xl"
      >
        {sheet && plan && (
          <QuestionForm
            sheet={sheet}
            plan={plan}
            slots={page.slots}
            problem={problem}
            onDone={(answered) => {
              onChange({ plan: answered });
              close();
            }}
          />
        )}
      </Sheet>
      <Sheet title={feedWords.aWireProbed()} open={shown?.what === 'probe'} close={close}>
        {shown?.what === 'probe' && (
          <ProbeForm
            wire={shown.wire}
            onDone={(wire) => {
              onChange({
                sources: [...feed.sources.filter((one) => one.id !== wire.id), wire],
              });
              close();
            }}
            onRemove={
              feed.sources.some((one) => one.id === shown.wire.id)
                ? () => {
                    onChange({ sources: feed.sources.filter((one) => one.id !== shown.wire.id) });
                    close();
                  }
                : undefined
            }
          />
        )}
      </Sheet>
      <ConflictSheet conflict={conflict} open={shown?.what === 'both'} close={close} />
    </>
  );
}
