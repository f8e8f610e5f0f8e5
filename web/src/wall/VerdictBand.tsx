import { Box, Flex } from '@chakra-ui/react';
import type { WallSheet } from '../app/api/client';
import { ActButton, BareButton, PlainButton } from '../app/buttons';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT, VerdictShape } from '../finding/VerdictShape';

type Next = WallSheet['next'];

const ACT_WORDS: Record<Next['action'], string> = {
  MEASURE_DISTANCE: 'Measure the distance',
  MEASURE_CENTRE: 'Measure the lamp',
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
    <Flex
      as="section"
      aria-label="Where it stands"
      align="center"
      gap={{ base: '14px', md: '22px' }}
      bg="panel"
      borderTopWidth="1px"
      borderColor="hairline"
      px={{ base: '14px', md: '26px' }}
      py="10px"
      minH="108px"
      wrap={{ base: 'wrap', md: 'nowrap' }}
    >
      <VerdictShape verdict={next.verdict} size={50} />
      <Box flex="1" minW={{ base: '60%', md: '0' }} aria-live="polite">
        <Box
          as={onAsk ? 'button' : 'div'}
          onClick={onAsk}
          cursor={onAsk ? 'pointer' : undefined}
          textAlign="left"
          minH="48px"
          display="flex"
          alignItems="center"
          fontFamily="heading"
          fontSize={{ base: '21px', md: '27px' }}
          fontWeight="600"
          lineHeight="1.15"
        >
          <span>
            <SentenceText sentence={next.headline} accent={VERDICT_PAINT[next.verdict]} />
          </span>
        </Box>
        <Box color="quiet" mt="3px">
          {draft?.problem ? (
            <Box as="span" role="alert" color="out">
              {draft.problem}
            </Box>
          ) : (
            <SentenceText sentence={next.detail} />
          )}
        </Box>
      </Box>
      {draft ? (
        <Flex gap="8px">
          <PlainButton onClick={draft.drop}>Drop</PlainButton>
          <ActButton onClick={draft.keep}>{draft.words}</ActButton>
        </Flex>
      ) : (
        <Flex gap="8px" align="center">
          <BareButton onClick={onFindings} color="quiet">
            {count} findings
          </BareButton>
          <ActButton onClick={() => onAct(next)}>{ACT_WORDS[next.action]}</ActButton>
        </Flex>
      )}
    </Flex>
  );
}
