import { Box, Flex } from '@chakra-ui/react';
import type { PartEdit, PartsSheet, Verdict } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { LazyText } from '../entry/LazyText';
import { VerdictShape } from '../finding/VerdictShape';
import { FUNCTIONS } from '../lamps/words';
import { said } from '../takein/words';
import { allRight, checked, isAllToLookAt } from './parts';
import { LENSES, OUTCOMES, PATTERNS } from './words';
import { appWords } from '../words/page/app';
import { partsWords } from '../words/page/parts';
import { sideWord } from '../words/terms';

const ANSWER: Record<'RIGHT' | 'WRONG', { verdict: Verdict; words: string }> = {
  RIGHT: { verdict: 'WITHIN', words: partsWords.good() },
  WRONG: { verdict: 'OUT', words: partsWords.wrong() },
};

/** One part on the bench: what is looked at, and what comes of it. */
export function PartBench({
  part,
  asks,
  onChange,
  onEdit,
}: {
  part: PartEdit;
  asks: PartsSheet['asks'][string];
  onChange: (part: PartEdit) => void;
  onEdit: () => void;
}) {
  const { light } = part;
  return (
    <Flex direction="column" gap="10px">
      <Flex align="baseline" justify="space-between" wrap="wrap" columnGap="14px">
        <Box fontFamily="heading" fontWeight="600" fontSize="24px">
          {part.name}
          {part.side && `, ${sideWord(part.side)}`}
        </Box>
        <Flex gap="10px" align="center">
          {isAllToLookAt(part, asks) && (
            <PlainButton onClick={() => onChange(allRight(part, asks))}>
              {partsWords.allOfItIsRight()}
            </PlainButton>
          )}
          <BareButton onClick={onEdit}>{partsWords.changeThisPart()}</BareButton>
        </Flex>
      </Flex>
      {light && (
        <Box color="quiet" mt="-8px">
          {[
            partsWords.switchedAsCircuit({ circuit: said(FUNCTIONS, light.circuit) }),
            light.pattern !== 'NOT_SAID' &&
              partsWords.patternOf({ pattern: said(PATTERNS, light.pattern) }),
            light.kelvin && `${light.kelvin} K`,
            partsWords.lensOf({ lens: said(LENSES, light.lens) }),
            part.marks && partsWords.markedMarks({ marks: part.marks }),
          ]
            .filter(Boolean)
            .join(', ')}
        </Box>
      )}
      <ChoiceButtons
        label={partsWords.outcome()}
        options={OUTCOMES}
        chosen={[part.outcome]}
        onToggle={(outcome) =>
          onChange({ ...part, outcome: part.outcome === outcome ? 'OPEN' : outcome })
        }
      />
      {part.outcome !== 'FITS' && part.outcome !== 'OPEN' && (
        <LazyText
          label={part.outcome === 'ADAPTS' ? partsWords.adaptsWith() : appWords.why()}
          placeholder={
            part.outcome === 'ADAPTS' ? partsWords.withWhat() : partsWords.whyOrderedAgainWhen()
          }
          value={part.with}
          maxLength={200}
          onDone={(words) => onChange({ ...part, with: words })}
        />
      )}
      <Box role="group" aria-label={partsWords.lookedAt()}>
        {asks.map(({ ask, words }) => {
          const answer = part.checks[ask];
          const shown = answer ? ANSWER[answer] : undefined;
          return (
            <Flex
              as="button"
              key={ask}
              w="100%"
              minH="48px"
              px="6px"
              gap="14px"
              align="center"
              textAlign="left"
              cursor="pointer"
              borderTopWidth="1px"
              borderColor="hairline"
              _hover={{ bg: 'panel' }}
              onClick={() => onChange(checked(part, ask))}
            >
              <VerdictShape verdict={shown?.verdict ?? 'NOT_KNOWN'} />
              <Box flex="1" fontSize="17px">
                {words}
              </Box>
              <Box color={shown ? 'ink' : 'quiet'} fontFamily="heading" fontWeight="600">
                {shown?.words ?? partsWords.notLookedAt()}
              </Box>
            </Flex>
          );
        })}
      </Box>
    </Flex>
  );
}
