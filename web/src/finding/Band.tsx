import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Verdict } from '../app/api/client';
import { VerdictShape } from './VerdictShape';

/** The worst thing in one sentence, how it was come by, and what can be done next. */
export function Band({
  verdict,
  headline,
  detail,
  onAsk,
  children,
}: {
  verdict: Verdict;
  headline: ReactNode;
  detail: ReactNode;
  /** Shows how the sentence comes about; missing where it stands for nothing in particular. */
  onAsk: (() => void) | undefined;
  /** The buttons, the next thing to do last. */
  children: ReactNode;
}) {
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
      <VerdictShape verdict={verdict} size={50} />
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
          <span>{headline}</span>
        </Box>
        <Box color="quiet" mt="3px">
          {detail}
        </Box>
      </Box>
      <Flex gap="8px" align="center">
        {children}
      </Flex>
    </Flex>
  );
}
