import type { WallSheet } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { FindingsButton } from '../finding/FindingsButton';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

type Next = WallSheet['next'];

const ACT_WORDS: Record<Next['action'], string> = {
  MEASURE_DISTANCE: wallWords.measureTheDistance(),
  MEASURE_CENTRE: wallWords.measureTheLamp(),
  MEASURE_EDGE: wallWords.measureTheLensEdge(),
  MEASURE_FLOOR: wallWords.readTheFloor(),
  SETTLE: wallWords.whatToDo(),
  READ_CUTOFF: wallWords.readTheCutoff(),
  TURN_AND_READ: appWords.turnedReadAgain(),
  DONE: wallWords.seeTheFindings(),
};

/** The worst thing in one sentence, and one large button that is the next thing to do. */
export function VerdictBand({
  sheet,
  draft,
  onAct,
  onFindings,
  onAsk,
}: {
  sheet: WallSheet;
  draft?: { words: string; keep: () => void; drop: () => void; problem?: string };
  onAct: (next: Next) => void;
  onFindings: () => void;
  /** Shows how the sentence comes about; missing where it stands for nothing in particular. */
  onAsk: (() => void) | undefined;
}) {
  const { next } = sheet;
  return (
    <Band
      verdict={next.verdict}
      headline={<SentenceText sentence={next.headline} accent={VERDICT_PAINT[next.verdict]} />}
      detail={
        draft?.problem ? (
          <Refusal as="span" words={draft.problem} />
        ) : (
          <SentenceText sentence={next.detail} />
        )
      }
      onAsk={onAsk}
    >
      {draft ? (
        <>
          <PlainButton onClick={draft.drop}>{appWords.drop()}</PlainButton>
          <ActButton onClick={draft.keep}>{draft.words}</ActButton>
        </>
      ) : (
        <>
          <FindingsButton count={sheet.findings.length} onOpen={onFindings} />
          <ActButton onClick={() => onAct(next)}>{ACT_WORDS[next.action]}</ActButton>
        </>
      )}
    </Band>
  );
}
