import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Problem, type Finding, type Verdict } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import type { Conflict } from '../settings/Stale';

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
  kept: {
    error: Error | undefined;
    conflict: Conflict | undefined;
    again: () => void;
    insist: (version: number) => void;
    drop: () => void;
  };
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
        headline={`Changed meanwhile by ${conflict.changedBy}`}
        detail="You see your own version. “Keep theirs” drops it; “Use mine” replaces theirs."
        onAsk={undefined}
      >
        <PlainButton onClick={onSeeBoth}>See both</PlainButton>
        <PlainButton
          onClick={() => {
            kept.drop();
            onDropped();
          }}
        >
          Keep theirs
        </PlainButton>
        <ActButton onClick={() => kept.insist(theirVersion(conflict))}>Use mine</ActButton>
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
        kept.error ? (
          <Box as="span" role="alert" color="out">
            {kept.error.message} Nothing is lost: it waits here.
          </Box>
        ) : (
          ((foremost?.remedy && <SentenceText sentence={foremost.remedy} />) ??
          (!foremost && empty?.detail))
        )
      }
      onAsk={foremost && (() => onAsk(foremost))}
    >
      {kept.error ? (
        <>
          {kept.error instanceof Problem && kept.error.final && (
            <PlainButton onClick={kept.drop}>Take it back</PlainButton>
          )}
          <ActButton onClick={kept.again}>Keep it again</ActButton>
        </>
      ) : (
        children
      )}
    </Band>
  );
}
