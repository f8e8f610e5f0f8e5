import { Box, Flex } from '@chakra-ui/react';
import type { Verdict, WallSheet } from '../api/client';
import { paint } from '../ui/theme';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT, VerdictShape } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

export type Step = WallSheet['steps'][number];

/** The order of work at the wall; each step's shape tells where it stands. */
export function Steps({ steps, onStep }: { steps: Step[]; onStep: (step: Step) => void }) {
  return (
    <Box as="ol" listStyleType="none" aria-label={appWords.steps()}>
      {steps.map((step) => (
        <li key={step.task + step.subject}>
          <Flex
            as="button"
            gap="12px"
            w="100%"
            minH="52px"
            py="5px"
            textAlign="left"
            align="flex-start"
            cursor="pointer"
            onClick={() => onStep(step)}
          >
            <Box pt="1px">
              <StepShape state={step.state} />
            </Box>
            <Box minW="0">
              <Box fontFamily="heading" fontWeight="600" fontSize="17px" color={titleColour(step)}>
                {step.title}
              </Box>
              <Box color="quiet" fontSize="15px">
                <SentenceText sentence={step.detail} />
              </Box>
            </Box>
          </Flex>
        </li>
      ))}
    </Box>
  );
}

function titleColour({ state }: Step) {
  switch (state) {
    case 'NOW':
      return 'lamp';
    case 'LATER':
      return 'quiet';
    case 'OUT':
      return 'out';
    default:
      return 'ink';
  }
}

function StepShape({ state }: { state: Step['state'] }) {
  if (state === 'NOW') {
    return (
      <svg width="20" height="20" viewBox="0 0 24 24" role="img" aria-label={wallWords.now()}>
        <path d="M3 16a9 9 0 0 1 18 0z" fill={paint('lampFill')} />
        <path d="M1 17.5h22" stroke={paint('ink')} strokeWidth="2" />
      </svg>
    );
  }
  if (state === 'LATER') {
    return (
      <svg width="20" height="20" viewBox="0 0 24 24" role="img" aria-label={wallWords.later()}>
        <path d="M5 12h14" stroke={paint(VERDICT_PAINT.NOT_KNOWN)} strokeWidth="2.4" />
      </svg>
    );
  }
  return <VerdictShape verdict={state satisfies Verdict} />;
}
