import type { FindEdit, FindPage, Verdict } from '../api/client';
import { findWords } from '../words/page/find';
import { endedWords, shareText } from './checking';

/** How far the search has come, in one sentence, and what is to be done about it. */
export function standing(page: FindPage, find: FindEdit): [Verdict, string, string] {
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
