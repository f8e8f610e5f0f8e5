import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Verdict } from '../api/client';
import { VerdictShape } from './VerdictShape';
import { appWords } from '../words/page/app';

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
      aria-label={appWords.whereItStands()}
      align="center"
      columnGap={{ base: '12px', md: '22px' }}
      rowGap="2px"
      bg="panel"
      borderTopWidth="1px"
      borderColor="hairline"
      px={{ base: '14px', md: '26px' }}
      py={{ base: '4px', md: '10px' }}
      minH={{ base: '0', md: '108px' }}
      wrap={{ base: 'wrap', md: 'nowrap' }}
    >
      <Box hideBelow="md">
        <VerdictShape verdict={verdict} size={50} />
      </Box>
      <Box hideFrom="md">
        <VerdictShape verdict={verdict} size={32} />
      </Box>
      <Box flex="1" minW={{ base: '60%', md: '0' }} aria-live="polite">
        <Box
          as={onAsk ? 'button' : 'div'}
          onClick={onAsk}
          cursor={onAsk ? 'pointer' : undefined}
          textAlign="left"
          minH={{ base: onAsk ? '48px' : '0', md: '48px' }}
          display="flex"
          alignItems="center"
          fontFamily="heading"
          fontSize={{ base: '18px', md: '27px' }}
          fontWeight="600"
          lineHeight="1.15"
        >
          <Box as="span" lineClamp={{ base: 2, md: 'none' }} data-shortened>
            {headline}
          </Box>
        </Box>
        <Box
          color="quiet"
          mt={{ base: '0', md: '3px' }}
          fontSize={{ base: '14px', md: 'inherit' }}
          lineClamp={{ base: 1, md: 'none' }}
          data-shortened
          css={{ '&:has([role=alert])': { lineClamp: 'none', WebkitLineClamp: 'none' } }}
        >
          {detail}
        </Box>
      </Box>
      <Flex
        gap="8px"
        align="center"
        justify={{ base: 'flex-end', md: 'flex-start' }}
        flexBasis={{ base: '100%', md: 'auto' }}
      >
        {children}
      </Flex>
    </Flex>
  );
}
