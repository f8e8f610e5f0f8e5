import { useQueryClient } from '@tanstack/react-query';
import type { FindEdit, FindPage, Verdict } from '../api/client';
import { NextStage } from '../frame/NextStage';
import { KeptBand } from '../kept/KeptBand';
import type { Keeping } from '../kept/useKept';
import { ActButton, PlainButton } from '../ui/buttons';
import { findWords } from '../words/page/find';
import { endedWords, shareText } from './checking';

/** How far the search has come, in one sentence, and what is to be done about it. */
function standing(page: FindPage, find: FindEdit): [Verdict, string, string] {
  const { hunt } = page;
  const { ended } = find;
  if (ended) {
    return [
      ended.how === 'MENDED' ? 'WITHIN' : 'AT_EDGE',
      endedWords(ended),
      findWords.proveTheLampsAgain(),
    ];
  }
  const first = hunt?.candidates[0];
  if (!hunt || !first) {
    return ['NOT_KNOWN', findWords.chooseACircuitToSearch(), findWords.thenTheNextCheckIsHere()];
  }
  const { words, shares } = first;
  switch (hunt.standing) {
    case 'NOTHING_SEEN':
      return ['NOT_KNOWN', findWords.lookAtTheLampsFirst(), findWords.whatTheyDoNarrowsItDown()];
    case 'SEARCHING':
      return [
        'NOT_KNOWN',
        findWords.likeliest({ words, share: shareText(shares.at(-1) ?? 0) }),
        page.live ? '' : findWords.batteryIsOff(),
      ];
    case 'CONFIRMING':
      return ['AT_EDGE', findWords.allButCertain({ words }), findWords.confirmItFirst()];
    case 'FOUND':
      return ['OUT', findWords.foundWords({ words }), findWords.mendItThenEnd()];
    case 'SOUND':
      return ['WITHIN', findWords.noFaultNow(), findWords.lookWhenItHappens()];
    case 'STUCK':
      return ['NOT_KNOWN', findWords.nothingTellsAnyMore(), findWords.lookBeyondThisCircuit()];
  }
}

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
