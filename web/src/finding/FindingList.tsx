import { Box, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import type { Finding } from '../api/client';
import { SentenceText } from './SentenceText';
import { VerdictShape } from './VerdictShape';

const GRAVEST_FIRST = ['OUT', 'AT_EDGE', 'NOT_KNOWN', 'WITHIN'] as const;

/** Some findings, the gravest first; each opens its working. */
export const FindingList = memo(function FindingList({
  title,
  findings,
  onAsk,
}: {
  title: string;
  findings: Finding[];
  onAsk: (finding: Finding) => void;
}) {
  return (
    <Box
      role="region"
      aria-label={title}
      h="100%"
      overflowY="auto"
      px="14px"
      py="10px"
      tabIndex={0}
    >
      <Box color="quiet" fontSize="15px" pb="4px">
        {title}
      </Box>
      {GRAVEST_FIRST.flatMap((verdict) =>
        findings
          .filter((finding) => finding.verdict === verdict)
          .map((finding) => (
            <Flex
              as="button"
              key={finding.id}
              w="100%"
              minH="48px"
              py="6px"
              gap="10px"
              textAlign="left"
              borderTopWidth="1px"
              borderColor="hairline"
              cursor="pointer"
              onClick={() => onAsk(finding)}
            >
              <VerdictShape verdict={verdict} size={18} />
              <Box minW="0">
                <Box fontFamily="heading" fontWeight="600" lineHeight="1.25">
                  <SentenceText sentence={finding.headline} />
                </Box>
                <Box color="quiet" fontSize="13.5px" lineHeight="1.3">
                  <SentenceText sentence={finding.detail} />
                </Box>
              </Box>
            </Flex>
          )),
      )}
    </Box>
  );
});
