import { useQueryClient } from '@tanstack/react-query';
import type { Finding, FeedEdit, FeedPage } from '../api/client';
import { ActButton } from '../ui/buttons';
import { NextStage } from '../frame/NextStage';
import { FindingsButton } from '../finding/FindingsButton';
import { KeptBand } from '../kept/KeptBand';
import { feedWords } from '../words/page/feed';
import type { Keeping } from '../kept/useKept';
import type { Shown } from './FeedDialogs';

/** What of the feed is worst, with the change that mends it. */
export function FeedBand({
  page,
  kept,
  change,
  show,
  onAsk,
}: {
  page: FeedPage;
  kept: Keeping & { content: FeedEdit };
  change: (part: Partial<FeedEdit>) => void;
  show: (what: Shown) => void;
  onAsk: (finding: Finding) => void;
}) {
  const client = useQueryClient();
  const { sheet } = page;
  const { plan } = kept.content;
  const fix = sheet?.fix;
  return (
    <KeptBand
      findings={sheet?.findings ?? []}
      empty={{
        headline: feedWords.noPlanChosenYet(),
        detail: feedWords.enterWhatTheLampsShouldDo(),
      }}
      kept={kept}
      theirVersion={(conflict) => (conflict.theirs as FeedPage).version}
      onSeeBoth={() => show({ what: 'both' })}
      onDropped={() => void client.invalidateQueries({ queryKey: ['feed', page.job.id] })}
      onAsk={onAsk}
    >
      {sheet && (
        <FindingsButton count={sheet.findings.length} onOpen={() => show({ what: 'findings' })} />
      )}
      {fix && plan ? (
        <ActButton
          // it mends the plan that is kept, not one that is still on its way
          disabled={kept.waits}
          onClick={() => change({ plan: { ...plan, answers: fix.answers, changes: fix.changes } })}
        >
          {feedWords.useWords({ words: fix.words })}
        </ActButton>
      ) : (
        <NextStage job={page.job} here="FEED" />
      )}
    </KeptBand>
  );
}
