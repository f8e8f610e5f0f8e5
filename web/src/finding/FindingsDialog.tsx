import { Box, Flex } from '@chakra-ui/react';
import type { Finding } from '../api/client';
import { Sheet } from '../ui/Sheet';
import { SentenceText } from './SentenceText';
import { VERDICT_WORD, VerdictShape } from './VerdictShape';
import type { Worked } from './Working';
import { appWords } from '../words/page/app';

const GRAVEST_FIRST = ['OUT', 'AT_EDGE', 'NOT_KNOWN', 'WITHIN'] as const;

/** All verdicts, the gravest first; each opens its working. */
export function FindingsDialog({
  findings,
  open,
  close,
  onAsk,
}: {
  findings: Finding[];
  open: boolean;
  close: () => void;
  onAsk: (worked: Worked) => void;
}) {
  return (
    <Sheet title={appWords.allFindings()} open={open} close={close} size="xl">
      {GRAVEST_FIRST.flatMap((verdict) =>
        findings
          .filter((finding) => finding.verdict === verdict)
          .map((finding) => (
            <Flex
              as="button"
              key={finding.id}
              w="100%"
              minH="48px"
              py="8px"
              gap="14px"
              textAlign="left"
              borderTopWidth="1px"
              borderColor="hairline"
              cursor="pointer"
              onClick={() => onAsk({ kind: 'finding', finding })}
            >
              <VerdictShape verdict={verdict} size={22} />
              <Box flex="1">
                <Box fontFamily="heading" fontWeight="600" fontSize="17px">
                  <SentenceText sentence={finding.headline} />
                </Box>
                {finding.remedy && (
                  <Box color="quiet">
                    <SentenceText sentence={finding.remedy} />
                  </Box>
                )}
              </Box>
              <Box color="quiet" fontSize="14px" textAlign="right" maxW="190px">
                {VERDICT_WORD[verdict]}
                <br />
                {finding.source.words}
              </Box>
            </Flex>
          )),
      )}
    </Sheet>
  );
}
