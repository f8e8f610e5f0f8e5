import { useQueryClient } from '@tanstack/react-query';
import type { FindEdit, FindPage } from '../api/client';
import { NextStage } from '../frame/NextStage';
import { KeptBand } from '../kept/KeptBand';
import type { Keeping } from '../kept/useKept';
import { ActButton, PlainButton } from '../ui/buttons';
import { findWords } from '../words/page/find';
import { standing } from './standing';

/** Where the search stands, and its end. */
export function FindBand({
  page,
  kept,
  onCircuit,
  onEnd,
  onSearchOn,
  onSeeBoth,
}: {
  page: FindPage;
  kept: Keeping & { content: FindEdit };
  onCircuit: () => void;
  onEnd: () => void;
  onSearchOn: () => void;
  onSeeBoth: () => void;
}) {
  const client = useQueryClient();
  const { ended } = kept.content;
  const [verdict, headline, detail] = standing(page, kept.content);
  return (
    <KeptBand
      findings={[]}
      empty={{ headline, detail, verdict }}
      kept={kept}
      theirVersion={(conflict) => (conflict.theirs as FindPage).version}
      onSeeBoth={onSeeBoth}
      onDropped={() => void client.invalidateQueries({ queryKey: ['find', page.job.id] })}
      onAsk={() => undefined}
    >
      {!page.hunt ? (
        <ActButton onClick={onCircuit}>{findWords.chooseTheCircuit()}</ActButton>
      ) : ended ? (
        <>
          <PlainButton onClick={onSearchOn}>{findWords.searchOn()}</PlainButton>
          <NextStage job={page.job} here="FIND" />
        </>
      ) : page.hunt.standing === 'FOUND' ? (
        <ActButton onClick={onEnd}>{findWords.endTheSearch()}</ActButton>
      ) : (
        <PlainButton onClick={onEnd}>{findWords.endTheSearch()}</PlainButton>
      )}
    </KeptBand>
  );
}
