import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Finding, Verdict } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { TaskButton } from '../finding/TaskButton';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import type { Conflict } from './conflict';
import type { Keeping } from './useKept';

const GRAVEST_FIRST = ['OUT', 'AT_EDGE', 'NOT_KNOWN', 'WITHIN'] as const;

/** The gravest of some findings, the first of its kind. */
export function gravest(findings: Finding[]): Finding | undefined {
  return GRAVEST_FIRST.map((verdict) => findings.find((one) => one.verdict === verdict)).find(
    (found) => found !== undefined,
  );
}

/** Where a stage stands whose document is kept at each change: the gravest finding, or what waits. */
export function KeptBand({
  findings,
  kept,
  onSeeBoth,
  onDropped,
  theirVersion,
  empty,
  onAsk,
  children,
}: {
  findings: Finding[];
  kept: Keeping;
  onSeeBoth: () => void;
  onDropped: () => void;
  theirVersion: (conflict: Conflict) => number;
  /** Said where there is no finding at all. */
  empty?: { headline: string; detail: ReactNode; verdict?: Verdict };
  onAsk: (finding: Finding) => void;
  children: ReactNode;
}) {
  const { conflict } = kept;
  if (conflict) {
    return (
      <Band
        verdict="AT_EDGE"
        headline={appWords.changedMeanwhileByChangedBy({ changedBy: conflict.changedBy })}
        detail={keptWords.youSeeYourOwnVersionKeep()}
        onAsk={undefined}
      >
        <PlainButton onClick={onSeeBoth}>{appWords.seeBoth()}</PlainButton>
        <PlainButton
          onClick={() => {
            kept.drop();
            onDropped();
          }}
        >
          {appWords.keepTheirs()}
        </PlainButton>
        <ActButton onClick={() => kept.insist(theirVersion(conflict))}>
          {appWords.useMine()}
        </ActButton>
      </Band>
    );
  }
  const foremost = gravest(findings);
  return (
    <Band
      verdict={foremost?.verdict ?? empty?.verdict ?? 'NOT_KNOWN'}
      headline={
        foremost ? (
          <SentenceText sentence={foremost.headline} accent={VERDICT_PAINT[foremost.verdict]} />
        ) : (
          empty?.headline
        )
      }
      detail={
        kept.refused ? (
          <Box as="span" role="alert" color="out">
            {keptWords.messageNothingIsLostItWaits({ message: kept.refused })}
          </Box>
        ) : kept.away ? (
          <Box as="span" role="status" color="out">
            {keptWords.changesWaitForTheNetwork()}
          </Box>
        ) : (
          ((foremost?.remedy && <SentenceText sentence={foremost.remedy} />) ??
          (!foremost && empty?.detail))
        )
      }
      onAsk={foremost && (() => onAsk(foremost))}
    >
      {kept.refused ? (
        <>
          <PlainButton onClick={kept.drop}>{keptWords.dropIt()}</PlainButton>
          <ActButton onClick={kept.again}>{keptWords.saveAgain()}</ActButton>
        </>
      ) : (
        <>
          <TaskButton finding={foremost} />
          {children}
        </>
      )}
    </Band>
  );
}
