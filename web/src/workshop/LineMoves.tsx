import { Flex } from '@chakra-ui/react';
import type { LedgerLine, EntryEdit } from '../api/client';
import { PlainButton } from '../ui/buttons';
import type { Write } from './useWorkshop';
import { appWords } from '../words/page/app';
import { workshopWords } from '../words/page/workshop';

type Move = NonNullable<EntryEdit['move']>['move'];

/** What can become of a line now, each with how many. */
export function movesOf(line: LedgerLine): [Move, number, string][] {
  const moves: [Move, number, string][] = [];
  const sound = line.out - line.awaiting;
  const connector = line.row.kind === 'CONNECTOR';
  const threaded = line.byHand > 0;
  if (sound > 0) {
    moves.push([
      'BACK',
      sound,
      connector
        ? workshopWords.plugged()
        : sound === 1
          ? appWords.back()
          : workshopWords.allSoundBack({ sound }),
    ]);
    if (sound > 1) {
      moves.push(['BACK', 1, workshopWords.oneBack()]);
    }
  }
  if (threaded) {
    moves.push([
      'TIGHT',
      line.byHand,
      line.byHand === 1
        ? workshopWords.tight()
        : workshopWords.allByHandTight({ byHand: line.byHand }),
    ]);
  }
  if (line.awaiting > 0) {
    moves.push(['REPLACED', 1, workshopWords.newOneIn()]);
  }
  if (sound > 0) {
    moves.push([
      'BROKEN',
      1,
      line.row.kind === 'PIECE' ? workshopWords.brokenTitle() : workshopWords.oneBrokenOrLost(),
    ]);
    if (!connector && line.row.kind !== 'PIECE') {
      moves.push(['STAYS', sound, workshopWords.staysInItsHoleTaped()]);
    }
  }
  return moves;
}

const WORDS: Record<Move, string> = {
  BACK: workshopWords.back(),
  TIGHT: workshopWords.tightened(),
  BROKEN: workshopWords.broken(),
  REPLACED: workshopWords.replaced(),
  STAYS: workshopWords.staysInItsHole(),
};

export function LineMoves({
  line,
  write,
  onProblem,
  most = 9,
}: {
  line: LedgerLine;
  write: Write;
  onProblem: (problem: string | undefined) => void;
  /** No more buttons than that. */
  most?: number;
}) {
  const move = async (what: Move, count: number) => {
    try {
      await write(
        { move: { row: line.id, move: what, count } },
        workshopWords.stateCountOfWords({ state: WORDS[what], count, words: line.words }),
      );
      onProblem(undefined);
    } catch (refused) {
      onProblem((refused as Error).message);
    }
  };
  return (
    <Flex gap="6px" wrap="wrap" role="group" aria-label={line.words}>
      {movesOf(line)
        .slice(0, most)
        .map(([what, count, words]) => (
          <PlainButton
            key={what + words}
            px="14px"
            aria-label={`${words}: ${line.words}`}
            onClick={() => void move(what, count)}
          >
            {words}
          </PlainButton>
        ))}
    </Flex>
  );
}
