package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
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
  private static final Source SPACING =
      Source.commonPractice("the steps stand as far apart as the lamps");

  /** Where a market's text sets no limit, that of another one is told as advice. */
  private static final AsideRule ADVICE =
      new AsideRule(
          Practice.ASIDE_LIMIT_PERCENT,
          Practice.ASIDE_LIMIT_PERCENT,
          Source.judged("this market's text sets no limit aside; SAE J599 has 4 in each way"));

  private final LampFunction function;
  private final BySide<Optional<LampPlace>> lamps;
  private final AsideRule rule;
  private final boolean isAdvice;

  /**
   * @param function what the lamps are for
   * @param lamps where they stand
   * @param rule of the market; empty where its text sets no limit
   */
  Toe(LampFunction function, BySide<Optional<LampPlace>> lamps, Optional<AsideRule> rule) {
    this.function = function;
    this.lamps = lamps;
    this.rule = rule.orElse(ADVICE);
    this.isAdvice = rule.isEmpty();
  }

  /** Toe of a pair in degrees, positive where the beams part. */
  public static double degrees(double stepSpacingMm, double lampSpacingMm, double distanceMm) {
    return Math.toDegrees(Math.atan((stepSpacingMm - lampSpacingMm) / distanceMm));
  }

  /** Findings on each lamp whose step was read, and on the pair where both were. */
  List<Finding> judge(List<AimEvent> events) {
    List<Finding> findings = new ArrayList<>();
    for (Side side : Side.values()) {
      Optional<AimEvent.StepRead> step = CutoffReadings.last(events, AimEvent.StepRead.class, side);
      if (step.isPresent() && lamps.on(side).isPresent()) {
        findings.add(aside(lamps.on(side).get(), step.get().leftMm()));
      }
    }
    if (findings.size() == 2) {
      findings.add(pair(events));
    }
    return findings;
  }

  /**
   * How exactly the straight-ahead line is known at the wall: two distances, each read to the tape,
   * over the spacing of the lamps, carried on to the wall. One lamp alone tells nothing of it.
   */
  private double lineMm(LampPlace lamp) {
    if (lamps.left().isEmpty() || lamps.right().isEmpty()) {
      return 0;
    }
    double spacing = lamps.left().get().aheadXMm() - lamps.right().get().aheadXMm();
    return lamp.alongMm() * lamp.tapeMm() * Math.sqrt(2) / spacing;
  }

  private Finding aside(LampPlace lamp, double leftMm) {
    double percent = lamp.percentOf(leftMm);
    double lineMm = lineMm(lamp);
    double unsureMm = Math.hypot(lamp.tapeMm(), lineMm);
    Margin margin =
        Margin.of(
            Figure.percent(rule.marginOf(percent)), lamp.percentOf(unsureMm), rule.halfWidth());
    Verdict verdict =
        isAdvice && margin.verdict() == Verdict.OUT ? Verdict.AT_EDGE : margin.verdict();
    String who = lamp.side() == Side.LEFT ? "Left" : "Right";
    Finding finding =
        Finding.on(
                FindingKey.of("wall.aside", Subject.Lamp.of(function, lamp.side())),
                margin,
                rule.source(),
                Math.abs(leftMm) <= lamp.tapeMm()
                    ? Sentence.of(who + " lamp points straight ahead")
                    : Sentence.of(
                        who + " lamp points {0} to the " + (leftMm > 0 ? "left" : "right"),
                        Figure.lengthMm(Math.abs(leftMm))))
            .withWorking(
                Working.of(
                    new Working.Line(
                        "angle of this lamp",
                        "atan(aside ÷ distance)",
                        Sentence.of(
                            "atan({0} ÷ {1})",
                            Figure.lengthMm(leftMm), Figure.lengthMm(lamp.alongMm())),
                        Figure.degrees(Math.toDegrees(Math.atan(leftMm / lamp.alongMm())))),
                    new Working.Line(
                        "the straight-ahead line is known to",
                        "distance × √2 × tape ÷ lamps apart",
                        Sentence.of(
                            "{0} × 1.414 × {1} ÷ lamps apart",
                            Figure.lengthMm(lamp.alongMm()), Figure.fineMm(lamp.tapeMm())),
                        Figure.lengthMm(lineMm))))
            .withVerdict(verdict);
    double moveMm = leftMm - rule.middlePercent() / 100 * lamp.alongMm();
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Sentence.of(
                "Horizontal screw: {0} to the " + (moveMm > 0 ? "right." : "left."),
                Figure.lengthMm(Math.abs(moveMm))))
        : finding;
  }

  private Finding pair(List<AimEvent> events) {
    LampPlace left = lamps.left().orElseThrow();
    LampPlace right = lamps.right().orElseThrow();
    double stepLeft =
        CutoffReadings.last(events, AimEvent.StepRead.class, Side.LEFT).orElseThrow().leftMm();
    double stepRight =
        CutoffReadings.last(events, AimEvent.StepRead.class, Side.RIGHT).orElseThrow().leftMm();
    double lampSpacing = left.aheadXMm() - right.aheadXMm();
    double stepSpacing = lampSpacing + stepLeft - stepRight;
    double distance = (left.alongMm() + right.alongMm()) / 2;
    double toe = degrees(stepSpacing, lampSpacing, distance);
    double limitDeg = 2 * Math.toDegrees(Math.atan(Practice.ASIDE_LIMIT_PERCENT / 100));
    Margin margin =
        Margin.of(
            Figure.degrees(limitDeg - Math.abs(toe)),
            // two steps and the lamps' spacing, each read to the tape
            Math.toDegrees(Math.atan(left.tapeMm() * Math.sqrt(3) / distance)),
            limitDeg);
    Sentence headline =
        Math.abs(stepSpacing - lampSpacing) <= left.tapeMm() * Math.sqrt(2)
            ? Sentence.of("Steps stand as far apart as the lamps")
            : Sentence.of(
                "Steps stand {0} apart for lamps {1} apart: {2} "
                    + (toe > 0 ? "toe-out" : "toe-in"),
                Figure.lengthMm(stepSpacing),
                Figure.lengthMm(lampSpacing),
                Figure.degrees(Math.abs(toe)));
    return Finding.on(
            FindingKey.of("wall.toe", Subject.Lamp.pair(function)), margin, SPACING, headline)
        .withWorking(
            Working.of(
                new Working.Line(
                    "toe of the pair",
                    "atan((steps apart − lamps apart) ÷ distance)",
                    Sentence.of(
                        "atan(({0} − {1}) ÷ {2})",
                        Figure.lengthMm(stepSpacing),
                        Figure.lengthMm(lampSpacing),
                        Figure.lengthMm(distance)),
                    Figure.degrees(toe))));
  }
}
