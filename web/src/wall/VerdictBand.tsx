import { Box } from '@chakra-ui/react';
import type { WallSheet } from '../app/api/client';
import { ActButton, BareButton, PlainButton } from '../app/buttons';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';

type Next = WallSheet['next'];

const ACT_WORDS: Record<Next['action'], string> = {
  MEASURE_DISTANCE: 'Measure the distance',
  MEASURE_CENTRE: 'Measure the lamp',
  MEASURE_EDGE: 'Measure the lens edge',
  MEASURE_FLOOR: 'Read the floor',
  SETTLE: 'What to do',
  READ_CUTOFF: 'Read the cutoff',
  TURN_AND_READ: 'Turned, read again',
  DONE: 'See the findings',
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
  const count = sheet.findings.length;
  return (
    <Band
      verdict={next.verdict}
      headline={<SentenceText sentence={next.headline} accent={VERDICT_PAINT[next.verdict]} />}
      detail={
        draft?.problem ? (
          <Box as="span" role="alert" color="out">
            {draft.problem}
          </Box>
        ) : (
          <SentenceText sentence={next.detail} />
        )
      }
      onAsk={onAsk}
    >
      {draft ? (
        <>
          <PlainButton onClick={draft.drop}>Drop</PlainButton>
          <ActButton onClick={draft.keep}>{draft.words}</ActButton>
        </>
      ) : (
        <>
          <BareButton onClick={onFindings} color="quiet">
            {count} findings
          </BareButton>
          <ActButton onClick={() => onAct(next)}>{ACT_WORDS[next.action]}</ActButton>
        </>
      )}
    </Band>
  );
}
