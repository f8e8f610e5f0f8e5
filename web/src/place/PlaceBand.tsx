import type { Finding, PlaceSheet } from '../api/client';
import { ActButton, PlainButton } from '../ui/buttons';
import { Refusal } from '../ui/Refusal';
import { FindingsButton } from '../finding/FindingsButton';
import { Band } from '../finding/Band';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import type { Conflict } from '../kept/conflict';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';

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
        headline={appWords.changedMeanwhileByChangedBy({ changedBy: conflict.changedBy })}
        detail={placeWords.youSeeYourOwnDrawingKeep()}
        onAsk={undefined}
      >
        <PlainButton onClick={onCompare}>{appWords.seeBoth()}</PlainButton>
        <PlainButton onClick={onDrop}>{appWords.keepTheirs()}</PlainButton>
        <ActButton onClick={onMine}>{appWords.useMine()}</ActButton>
      </Band>
    );
  }
  const foremost = sheet.findings.find((finding) => finding.id === sheet.foremost);
  const next = empty
    ? { words: placeWords.addALamp(), act: onAdd }
    : sheet.worst !== 'OUT'
      ? { words: placeWords.drillTemplate(), act: onTemplate }
      : foremost && isHeading(sheet, foremost)
        ? { words: placeWords.turnedMeasure(), act: () => onTurned(foremost) }
        : { words: placeWords.nearestGoodPlace(), act: onNearest };
  return (
    <Band
      verdict={empty ? 'NOT_KNOWN' : sheet.worst}
      headline={
        foremost ? (
          <SentenceText sentence={foremost.headline} accent={VERDICT_PAINT[foremost.verdict]} />
        ) : empty ? (
          placeWords.noLampOnThisFrontYet()
        ) : (
          placeWords.everyLampWithinTheRulesChosen()
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
          placeWords.drawTheExistingLowBeamsAnd()
        ) : (
          placeWords.proveLightAndFitBeforeThe()
        )
      }
      onAsk={foremost && (() => onAsk(foremost.id))}
    >
      {changed ? (
        <>
          <PlainButton onClick={onDrop}>{appWords.drop()}</PlainButton>
          <ActButton onClick={onKeep}>{placeWords.saveThisPlace()}</ActButton>
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
