import type { Finding, PlaceSheet } from '../app/api/client';
import { ActButton, PlainButton } from '../app/buttons';
import { Refusal } from '../app/Refusal';
import { FindingsButton } from '../finding/FindingsButton';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import type { Conflict } from '../settings/Stale';

/** Where the front stands in one sentence, and the next thing to do. */
export function PlaceBand({
  sheet,
  empty,
  problem,
  changed,
  conflict,
  onKeep,
  onCompare,
  onMine,
  onDrop,
  onAdd,
  onNearest,
  onTemplate,
  onTurned,
  onFindings,
  onAsk,
}: {
  sheet: PlaceSheet;
  empty: boolean;
  problem: string | undefined;
  changed: boolean;
  conflict: Conflict | undefined;
  onKeep: () => void;
  onCompare: () => void;
  onMine: () => void;
  onDrop: () => void;
  onAdd: () => void;
  onNearest: () => void;
  onTemplate: () => void;
  onTurned: (finding: Finding) => void;
  onFindings: () => void;
  onAsk: (findingId: string) => void;
}) {
  if (conflict) {
    return (
      <Band
        verdict="AT_EDGE"
        headline={`Changed meanwhile by ${conflict.changedBy}`}
        detail="You see your own drawing. “Keep theirs” drops it; “Use mine” replaces theirs."
        onAsk={undefined}
      >
        <PlainButton onClick={onCompare}>See both</PlainButton>
        <PlainButton onClick={onDrop}>Keep theirs</PlainButton>
        <ActButton onClick={onMine}>Use mine</ActButton>
      </Band>
    );
  }
  const foremost = sheet.findings.find((finding) => finding.id === sheet.foremost);
  const next = empty
    ? { words: 'Add a lamp', act: onAdd }
    : sheet.worst !== 'OUT'
      ? { words: 'Drill template', act: onTemplate }
      : foremost && isHeading(sheet, foremost)
        ? { words: 'Turned, measure', act: () => onTurned(foremost) }
        : { words: 'Nearest good place', act: onNearest };
  return (
    <Band
      verdict={empty ? 'NOT_KNOWN' : sheet.worst}
      headline={
        foremost ? (
          <SentenceText sentence={foremost.headline} accent={VERDICT_PAINT[foremost.verdict]} />
        ) : empty ? (
          'No lamp on this front yet'
        ) : (
          'Every lamp within the rules chosen'
        )
      }
      detail={
        problem ? (
          <Refusal as="span" words={problem} />
        ) : foremost ? (
          <>
            <SentenceText sentence={foremost.detail} />{' '}
            {foremost.remedy && <SentenceText sentence={foremost.remedy} />}
          </>
        ) : empty ? (
          'Draw the low beams that are there and the lamps that are to come.'
        ) : (
          'Prove light and fit before the hole; the rule in force decides.'
        )
      }
      onAsk={foremost && (() => onAsk(foremost.id))}
    >
      {changed ? (
        <>
          <PlainButton onClick={onDrop}>Drop</PlainButton>
          <ActButton onClick={onKeep}>Keep this place</ActButton>
        </>
      ) : (
        <>
          {!empty && <FindingsButton count={sheet.findings.length} onOpen={onFindings} />}
          <ActButton onClick={next.act}>{next.words}</ActButton>
        </>
      )}
    </Band>
  );
}

/** Whether turning the lamp mends it, as its place cannot. */
const isHeading = (sheet: PlaceSheet, { rule }: Finding) =>
  sheet.pairs.some((pair) =>
    pair.bounds.some((bound) => bound.asks === 'HEADING' && bound.rule === rule),
  );
