package mellow.core.retrofit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Limit;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.measure.LengthUnit;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;
import mellow.core.subject.SubjectKind;

/** Whether a projector fits its housing: it touches neither lens nor bowl nor what lies behind. */
public final class Fit {
  private static final Source ENVELOPE = Source.commonPractice(RetrofitWords.srcFit());

  /** Nothing may touch. */
  private static final Limit CLEARS = Limit.least(Figure.fineMm(0));

  /** A calliper in a bowl, and a depth gauge through the bulb hole. Judged. */
  private static final double CALLIPER_MM = 0.5;

  private static final double DEPTH_GAUGE_MM = 1;

  /** What one would like to have around it; margins are drawn against it. Judged. */
  private static final double ROOM_ASIDE_MM = 3;

  private static final double ROOM_AHEAD_MM = 8;

  /** What a cut opening leaves around the widest part. Judged. */
  private static final double LEFT_BY_CUT_MM = 1;

  private final Housing housing;
  private final Projector projector;
  private final Mount mount;

  private Fit(Housing housing, Projector projector, Mount mount) {
    this.housing = housing;
    this.projector = projector;
    this.mount = mount;
  }

  /** All findings, in the order in which things are measured. */
  public static List<Finding> of(Housing housing, Projector projector, Mount mount) {
    return new Fit(housing, projector, mount).findings();
  }

  /** Room a side between a round part and the opening that it passes. */
  public static double aSideMm(double openingMm, double partMm) {
    return (openingMm - partMm) / 2;
  }

  private List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    findings.add(bowl("lens", projector.lensMm(), false));
    if (projector.shroudMm().isPresent()) {
      findings.add(bowl("shroud", projector.shroudMm(), true));
    }
    cut().ifPresent(findings::add);
    findings.add(
        along(
            "ahead",
            new Along(housing.bowlDepthMm(), projector.frontMm(), true),
            RetrofitWords.measureAhead(),
            RetrofitWords.shorterShroud()));
    findings.add(
        along(
            "behind",
            new Along(housing.behindMm(), projector.behindMm(), false),
            RetrofitWords.measureBehind(),
            RetrofitWords.deeperCap()));
    if (mount == Mount.RING) {
      findings.add(hole());
    }
    return findings;
  }

  private Finding bowl(String id, OptionalDouble partMm, boolean shroud) {
    if (partMm.isEmpty() || housing.bowlOpeningMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
          ENVELOPE,
          RetrofitWords.bowlNotKnown(shroud),
          Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BENCH, RetrofitWords.measureBowl(shroud)));
    }
    double opening = housing.bowlOpeningMm().getAsDouble();
    double aSide = aSideMm(opening, partMm.getAsDouble());
    Margin margin = Margin.of(Figure.fineMm(aSide), CALLIPER_MM, ROOM_ASIDE_MM, CLEARS);
    Finding finding =
        Finding.on(
                FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
                margin,
                ENVELOPE,
                aSide >= 0
                    ? RetrofitWords.bowlClears(Figure.fineMm(aSide), shroud)
                    : RetrofitWords.bowlTooNarrow(Figure.fineMm(-2 * aSide), shroud))
            .withWorking(
                Working.of(
                    new Working.Line(
                        RetrofitWords.roomASide(),
                        RetrofitWords.roomASideFormula(shroud),
                        Sentence.of(
                            "({0} − {1}) ÷ 2",
                            Figure.fineMm(opening), Figure.fineMm(partMm.getAsDouble())),
                        Figure.fineMm(aSide))));
    if (margin.verdict() != Verdict.OUT) {
      return finding;
    }
    Finding narrow =
        finding.withRemedy(
            Remedy.of(Remedy.Action.WORK, Remedy.Page.BENCH, RetrofitWords.cutBowl()));
    // what can be cut is no fault of the pair: it is the next thing to do
    return mount == Mount.GLUED && canBeCut() ? narrow.withVerdict(Verdict.AT_EDGE) : narrow;
  }

  private boolean canBeCut() {
    return cut()
        .filter(finding -> finding.verdict() != Verdict.OUT)
        .filter(finding -> finding.verdict() != Verdict.NOT_KNOWN)
        .isPresent();
  }

  /** How much has to be cut, and whether it can be. */
  private Optional<Finding> cut() {
    OptionalDouble widest = projector.widestMm();
    if (widest.isEmpty() || housing.bowlOpeningMm().isEmpty()) {
      return Optional.empty();
    }
    double needed = widest.getAsDouble() + 2 * LEFT_BY_CUT_MM;
    double more = (needed - housing.bowlOpeningMm().getAsDouble()) / 2;
    if (more <= 0) {
      return Optional.empty();
    }
    Source source = Source.judged(RetrofitWords.srcCut());
    if (housing.cutToMm().isEmpty()) {
      return Optional.of(
          Finding.notKnown(
                  FindingKey.of("bench.cut"),
                  source,
                  RetrofitWords.cutNotKnown(),
                  Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BENCH, RetrofitWords.measureCut()))
              .withDetail(RetrofitWords.cutAllRound(Figure.fineMm(more))));
    }
    double most = housing.cutToMm().getAsDouble();
    Margin margin =
        Margin.of(
            Figure.fineMm((most - needed) / 2),
            CALLIPER_MM,
            ROOM_ASIDE_MM,
            Limit.most(Figure.fineMm(most)));
    boolean out = margin.verdict() == Verdict.OUT;
    Finding finding =
        Finding.on(
            FindingKey.of("bench.cut"),
            margin,
            source,
            out
                ? RetrofitWords.cutImpossible(Figure.fineMm(needed), Figure.fineMm(most))
                : RetrofitWords.cutTo(Figure.fineMm(more), Figure.fineMm(needed)));
    return Optional.of(
        finding.withRemedy(
            Remedy.of(
                Remedy.Action.WORK,
                Remedy.Page.BENCH,
                out ? RetrofitWords.smallerPart() : RetrofitWords.cutInSteps())));
  }

  /** Room along the axis: what there is, what the projector takes, ahead of its mount or behind. */
  private record Along(OptionalDouble roomMm, OptionalDouble takenMm, boolean ahead) {}

  private static Finding along(String id, Along along, Sentence read, Sentence change) {
    if (along.roomMm().isEmpty() || along.takenMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
          ENVELOPE,
          RetrofitWords.alongNotKnown(along.ahead()),
          Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BENCH, read));
    }
    double room = along.roomMm().getAsDouble();
    double taken = along.takenMm().getAsDouble();
    double clear = room - taken;
    Margin margin = Margin.of(Figure.fineMm(clear), DEPTH_GAUGE_MM, ROOM_AHEAD_MM, CLEARS);
    Finding finding =
        Finding.on(
                FindingKey.of("bench.fit", SubjectKind.DIMENSION.named(id)),
                margin,
                ENVELOPE,
                clear >= 0
                    ? RetrofitWords.alongClears(Figure.fineMm(clear), along.ahead())
                    : RetrofitWords.alongTouches(along.ahead(), Figure.fineMm(-clear)))
            .withWorking(
                Working.of(
                    new Working.Line(
                        RetrofitWords.roomTo(along.ahead()),
                        RetrofitWords.roomToFormula(),
                        Sentence.of("{0} − {1}", Figure.fineMm(room), Figure.fineMm(taken)),
                        Figure.fineMm(clear))));
    return margin.verdict() == Verdict.WITHIN
        ? finding
        : finding.withRemedy(Remedy.of(Remedy.Action.CHANGE, Remedy.Page.BENCH, change));
  }

  private Finding hole() {
    if (projector.threadMm().isEmpty() || housing.holeMm().isEmpty()) {
      return Finding.notKnown(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
          ENVELOPE,
          RetrofitWords.holeNotKnown(),
          Remedy.of(Remedy.Action.MEASURE, Remedy.Page.BENCH, RetrofitWords.measureHole()));
    }
    double thread = projector.threadMm().getAsDouble();
    double hole = housing.holeMm().getAsDouble();
    Margin margin =
        Margin.of(
            Figure.fineMm(hole - thread),
            CALLIPER_MM,
            ROOM_ASIDE_MM,
            Limit.least(Figure.fineMm(thread)));
    if (margin.verdict() == Verdict.WITHIN) {
      return Finding.on(
          FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
          margin,
          ENVELOPE,
          RetrofitWords.holeClears(Figure.fineMm(hole - thread)));
    }
    // what is drilled and filed to fit is no fault of the pair: it is the next thing to do
    return Finding.on(
            FindingKey.of("bench.fit", SubjectKind.DIMENSION.named("hole")),
            margin,
            ENVELOPE,
            RetrofitWords.holeTight(Figure.fineMm(hole), Figure.fineMm(thread)))
        .withVerdict(Verdict.AT_EDGE)
        .withRemedy(
            Remedy.of(Remedy.Action.WORK, Remedy.Page.BENCH, drilled(thread))
                .by(Figure.fineMm(thread)));
  }

  /** A hole that is filed to fit is drilled smaller than what goes through it, never larger. */
  static Sentence drilled(double bossMm) {
    OptionalDouble metric = HoleSize.metricUpToMm(bossMm);
    OptionalDouble inches = HoleSize.stepDrillInchesUpTo(bossMm);
    if (metric.isEmpty() || inches.isEmpty()) {
      return RetrofitWords.grind();
    }
    return RetrofitWords.drill(
        TapeText.decimal(metric.getAsDouble(), 1).replace(".0", ""),
        TapeText.lengthWithUnit(LengthUnit.IN.toMm(inches.getAsDouble()), UnitSystem.IMPERIAL));
  }
}
