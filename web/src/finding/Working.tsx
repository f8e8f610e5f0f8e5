import { Box, Dialog, Flex } from '@chakra-ui/react';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import { BareButton } from '../ui/buttons';
import type { ReactNode } from 'react';
import type { Finding, Source, WorkingLine } from '../api/client';
import { figureText, useUnits } from '../ui/session';
import { SentenceText } from './SentenceText';
import { TaskButton } from './TaskButton';
import { VERDICT_PAINT, VERDICT_WORD, VerdictShape } from './VerdictShape';

/** What a working is asked of: a finding, or a figure with its lines. */
export type Worked =
  | { kind: 'finding'; finding: Finding }
  | { kind: 'figure'; title: string; lines: WorkingLine[]; source: Source };

/** How a figure comes about, with this job's figures and its source. */
export function WorkingDialog({
  worked,
  close,
}: {
  worked: Worked | undefined;
  close: () => void;
}) {
  return (
    <DialogFrame open={worked !== undefined} close={close} size="lg">
      {worked && <Content worked={worked} />}
    </DialogFrame>
  );
}

function Content({ worked }: { worked: Worked }) {
  if (worked.kind === 'figure') {
    return (
      <>
        <DialogTitle>{worked.title}</DialogTitle>
        <Dialog.Body pb="24px">
          <Lines lines={worked.lines} />
          <SourceLine source={worked.source} />
        </Dialog.Body>
      </>
    );
  }
  const { finding } = worked;
  return (
    <>
      <DialogTitle>
        <Flex gap="12px" align="center">
          <VerdictShape verdict={finding.verdict} size={28} />
          <span>
            <SentenceText sentence={finding.headline} accent={VERDICT_PAINT[finding.verdict]} />
          </span>
        </Flex>
      </DialogTitle>
      <Dialog.Body pb="24px">
        <Box color="quiet">
          {VERDICT_WORD[finding.verdict]}
          {finding.detail.pattern && ' · '}
          <SentenceText sentence={finding.detail} />
        </Box>
        {finding.remedy && (
          <Box mt="8px" fontWeight="600">
            <SentenceText sentence={finding.remedy} />
          </Box>
        )}
        <Box mt="10px" _empty={{ display: 'none' }}>
          <TaskButton finding={finding} />
        </Box>
        <Lines lines={finding.working} />
        <SourceLine source={finding.source} />
      </Dialog.Body>
    </>
  );
}

function Lines({ lines }: { lines: WorkingLine[] }) {
  const units = useUnits();
  if (lines.length === 0) {
    return null;
  }
  return (
    <Box as="dl" mt="16px">
      {lines.map((line, index) => (
        <Flex
          key={index}
          justify="space-between"
          gap="24px"
          py="8px"
          borderTopWidth="1px"
          borderColor="hairline"
        >
          <Box as="dt" color="quiet">
            {line.label}
            {line.formula && (
              <Box fontFamily="heading" color="ink">
                {line.formula}
              </Box>
            )}
          </Box>
          <Box as="dd" textAlign="right" fontFamily="heading" fontWeight="600">
            {line.filled.pattern && (
              <Box fontWeight="500" color="quiet">
                <SentenceText sentence={line.filled} />
              </Box>
            )}
            {figureText(line.result, units)}
          </Box>
        </Flex>
      ))}
    </Box>
  );
}

function SourceLine({ source }: { source: Source }) {
  return (
    <Box
      mt="12px"
      pt="12px"
      borderTopWidth="1px"
      borderColor="hairline"
      color="quiet"
      fontSize="15px"
    >
      {source.reference} ·{' '}
      <Box as="span" color={source.mark === 'FROM_MEMORY' ? 'edge' : 'quiet'} fontWeight="600">
        {source.words}
      </Box>
    </Box>
  );
}

/** A figure that can be asked for its working. */
export function Asked({ onAsk, children }: { onAsk: () => void; children: ReactNode }) {
  return (
    <BareButton h="auto" minH="48px" onClick={onAsk}>
      {children}
    </BareButton>
  );
}
