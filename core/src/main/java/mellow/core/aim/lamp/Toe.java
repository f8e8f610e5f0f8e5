package mellow.core.aim.lamp;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.aim.AimEvent;
import mellow.core.aim.AimWords;
import mellow.core.aim.CutoffReadings;
import mellow.core.aim.LampPlace;
import mellow.core.aim.PairInput;
import mellow.core.aim.Practice;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.measure.Measured;
import mellow.core.rules.AsideRule;
import mellow.core.subject.Subject;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * Where the cutoffs' steps stand sideways: each lamp's against its own straight-ahead line, and
 * both against each other. Steps as far apart as the lamps mean parallel beams.
 */
public final class Toe {
  private static final Source SPACING = Source.commonPractice(AimWords.srcToe());

  /** Where a market's text sets no limit, that of another one is told as advice. */
  private static final AsideRule ADVICE =
      new AsideRule(
          Practice.ASIDE_LIMIT_PERCENT,
          Practice.ASIDE_LIMIT_PERCENT,
          Source.judged(AimWords.srcAside()));

  private final PairInput pair;
  private final LampFunction function;
  private final BySide<Optional<LampPlace>> lamps;
  private final AsideRule rule;
  private final boolean isAdvice;

  /**
   * @param pair what was read of the lamps
   * @param lamps where they stand
   * @param rule of the market; empty where its text sets no limit
   */
  Toe(PairInput pair, BySide<Optional<LampPlace>> lamps, Optional<AsideRule> rule) {
    this.pair = pair;
    this.function = pair.kind().function();
    this.lamps = lamps;
    this.rule = rule.orElse(ADVICE);
    this.isAdvice = rule.isEmpty();
  }

  /** Toe of a pair in degrees, positive where the beams part. */
  public static double degrees(double stepSpacingMm, double lampSpacingMm, double distanceMm) {
    return Math.toDegrees(Math.atan((stepSpacingMm - lampSpacingMm) / distanceMm));
  }

  /** Findings on each lamp whose step was read, and on the pair where both were. */
  List<Finding> judge() {
    List<Finding> findings = new ArrayList<>();
    for (Side side : Side.values()) {
      Optional<AimEvent.StepRead> step = step(side);
      if (step.isPresent() && lamps.on(side).isPresent()) {
        findings.add(aside(lamps.on(side).get(), step.get().left()));
      }
    }
    if (findings.size() == 2) {
      findings.add(pair());
    }
    return findings;
  }

  private Optional<AimEvent.StepRead> step(Side side) {
    return CutoffReadings.last(pair.events(), AimEvent.StepRead.class, side);
  }

  /**
   * How exactly the straight-ahead line is known at the wall: two distances, each read to the tape,
   * over the spacing of the lamps, carried on to the wall. One lamp alone tells nothing of it.
   */
  private double lineMm(LampPlace lamp) {
    if (lamps.left().isEmpty() || lamps.right().isEmpty()) {
      return 0;
    }
    return lamp.alongMm() * distancesMm() / spacingMm();
  }

  /** What the difference of both distances is known to, ± mm. */
  private double distancesMm() {
    return Math.hypot(
        lamps.left().orElseThrow().along().plusMinusMm(),
        lamps.right().orElseThrow().along().plusMinusMm());
  }

  private double spacingMm() {
    return lamps.left().orElseThrow().ahead().xMm() - lamps.right().orElseThrow().ahead().xMm();
  }

  private Finding aside(LampPlace lamp, Measured step) {
    double leftMm = step.mm();
    double percent = lamp.percentOf(leftMm);
    double lineMm = lineMm(lamp);
    double unsureMm = Math.hypot(step.plusMinusMm(), lineMm);
    Margin margin =
        Margin.of(
            Figure.percent(rule.marginOf(percent)),
            lamp.percentOf(unsureMm),
            rule.halfWidth(),
            rule.limit());
    Verdict verdict =
        isAdvice && margin.verdict() == Verdict.OUT ? Verdict.AT_EDGE : margin.verdict();
    Finding finding =
        Finding.on(
                FindingKey.of("wall.aside", Subject.Lamp.of(function, lamp.side())),
                margin,
                rule.source(),
                Math.abs(leftMm) <= step.plusMinusMm()
                    ? AimWords.straight(lamp.side())
                    : AimWords.aside(lamp.side(), Figure.lengthMm(Math.abs(leftMm)), leftMm > 0))
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.angleOfLamp(),
                        AimWords.angleOfLampFormula(),
                        Sentence.of(
                            "atan({0} ÷ {1})",
                            Figure.lengthMm(leftMm), Figure.lengthMm(lamp.alongMm())),
                        Figure.degrees(Math.toDegrees(Math.atan(leftMm / lamp.alongMm())))),
                    new Working.Line(
                        AimWords.lineKnownTo(),
                        AimWords.lineKnownToFormula(),
                        lineFilled(lamp),
                        Figure.lengthMm(lineMm))))
            .withVerdict(verdict);
    double moveMm = leftMm - rule.middlePercent() / 100 * lamp.alongMm();
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Remedy.of(
                    Remedy.Action.TURN,
                    Remedy.Page.WALL,
                    AimWords.turnAside(Figure.lengthMm(Math.abs(moveMm)), moveMm > 0))
                .by(Figure.lengthMm(Math.abs(moveMm))))
        : finding;
  }

  private Sentence lineFilled(LampPlace lamp) {
    return lamps.left().isEmpty() || lamps.right().isEmpty()
        ? Sentence.EMPTY
        : Sentence.of(
            "{0} × {1} ÷ {2}",
            Figure.lengthMm(lamp.alongMm()),
            Figure.fineMm(distancesMm()),
            Figure.lengthMm(spacingMm()));
  }

  private Finding pair() {
    LampPlace left = lamps.left().orElseThrow();
    LampPlace right = lamps.right().orElseThrow();
    Measured stepLeft = step(Side.LEFT).orElseThrow().left();
    Measured stepRight = step(Side.RIGHT).orElseThrow().left();
    double lampSpacing = spacingMm();
    double stepSpacing = lampSpacing + stepLeft.mm() - stepRight.mm();
    double stepsMm = stepLeft.apartPlusMinusMm(stepRight);
    double lampsMm = pair.spacing().map(Measured::plusMinusMm).orElse(0.0);
    double distance = (left.alongMm() + right.alongMm()) / 2;
    double toe = degrees(stepSpacing, lampSpacing, distance);
    double limitDeg = 2 * Math.toDegrees(Math.atan(Practice.ASIDE_LIMIT_PERCENT / 100));
    Margin margin =
        Margin.upTo(
            Figure.degrees(limitDeg),
            Math.abs(toe),
            Math.toDegrees(Math.atan(Math.hypot(stepsMm, lampsMm) / distance)));
    Sentence headline =
        Math.abs(stepSpacing - lampSpacing) <= stepsMm
            ? AimWords.stepsParallel()
            : AimWords.toe(
                Figure.lengthMm(stepSpacing),
                Figure.lengthMm(lampSpacing),
                Figure.degrees(Math.abs(toe)),
                toe > 0);
    return Finding.on(
            FindingKey.of("wall.toe", Subject.Lamp.pair(function)), margin, SPACING, headline)
        .withWorking(
            Working.of(
                new Working.Line(
                    AimWords.toeOfPair(),
                    AimWords.toeOfPairFormula(),
                    Sentence.of(
                        "atan(({0} − {1}) ÷ {2})",
                        Figure.lengthMm(stepSpacing),
                        Figure.lengthMm(lampSpacing),
                        Figure.lengthMm(distance)),
                    Figure.degrees(toe))));
  }
}
