import { Box, Flex } from '@chakra-ui/react';
import type { LampCheck, Side, Verdict } from '../api/client';
import { BareButton } from '../ui/buttons';
import { VerdictShape } from '../finding/VerdictShape';
import { checkOf, checkWords, restWorks, turned } from './checks';
import { CHECKED } from './words';
import { takeinWords } from '../words/page/takein';
import { soft } from '../words/soft';
import { sideWord } from '../words/terms';

/** Seen standing before the vehicle: its right lamp is at the left. */
const SIDES: readonly Side[] = ['RIGHT', 'LEFT'];

function verdictOf(check: LampCheck | undefined): Verdict {
  switch (check?.state) {
    case undefined:
      return 'NOT_KNOWN';
    case 'WORKS':
    case 'NOT_FITTED':
      return 'WITHIN';
    default:
      return 'OUT';
  }
}

/** Which functions work today, lamp by lamp; a press turns a cell to its next state. */
export function FunctionGrid({
  checks,
  onChange,
}: {
  checks: LampCheck[];
  onChange: (checks: LampCheck[]) => void;
}) {
  return (
    <Box role="group" aria-label={takeinWords.whatWorksToday()}>
      <Flex align="baseline" justify="space-between" wrap="wrap" columnGap="14px">
        <Box fontFamily="heading" fontWeight="600" fontSize="19px">
          {takeinWords.whatWorksToday()}
        </Box>
        <Box color="quiet">{takeinWords.pressToChangeWorksDeadAfter()}</Box>
      </Flex>
      <Flex color="quiet" fontFamily="scale" fontWeight="600" fontSize="16px" pt="6px">
        <Box flex="1" textAlign="center">
          {takeinWords.rIGHT()}
        </Box>
        <Box w="128px" />
        <Box flex="1" textAlign="center">
          {takeinWords.lEFT()}
        </Box>
      </Flex>
      {CHECKED.map(([fn, words]) => (
        <Flex key={fn} borderTopWidth="1px" borderColor="hairline" align="stretch" minH="48px">
          {SIDES.map((side) => {
            const check = checkOf(checks, fn, side);
            return (
              <Flex
                as="button"
                key={side}
                order={side === 'RIGHT' ? 0 : 2}
                flex="1"
                minH="48px"
                gap="10px"
                px="10px"
                align="center"
                justify="center"
                cursor="pointer"
                color={check ? 'ink' : 'quiet'}
                opacity={check?.state === 'NOT_FITTED' ? 0.75 : 1}
                _hover={{ bg: 'panel' }}
                aria-label={`${words}, ${sideWord(side)}: ${checkWords(check)}`}
                onClick={() => onChange(turned(checks, fn, side))}
              >
                {check?.state !== 'NOT_FITTED' && <VerdictShape verdict={verdictOf(check)} />}
                {checkWords(check)}
              </Flex>
            );
          })}
          <Box
            order={1}
            w="128px"
            alignSelf="center"
            textAlign="center"
            fontFamily="heading"
            fontWeight="600"
            fontSize="17px"
          >
            {soft(words)}
          </Box>
        </Flex>
      ))}
      <Flex borderTopWidth="1px" borderColor="hairline" justify="center">
        <BareButton onClick={() => onChange(restWorks(checks))}>
          {takeinWords.allStandardLightsWork()}
        </BareButton>
      </Flex>
    </Box>
  );
}
