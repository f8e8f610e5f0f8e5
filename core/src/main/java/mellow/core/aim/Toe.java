package mellow.core.aim;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;

/**
 * Where the cutoffs' steps stand sideways: each lamp's against its own straight-ahead line, and
 * both against each other. Steps as far apart as the lamps mean parallel beams.
 */
public final class Toe {
  private static final Source SPACING =
      Source.commonPractice("the steps stand as far apart as the lamps");
  private static final Source ASIDE =
      new Source(Source.Mark.FROM_MEMORY, "SAE J599, 4 in each way at 25 ft");

  private Toe() {}

  /** Toe of a pair in degrees, positive where the beams part. */
  public static double degrees(double stepSpacingMm, double lampSpacingMm, double distanceMm) {
    return Math.toDegrees(Math.atan((stepSpacingMm - lampSpacingMm) / distanceMm));
  }

  /** Findings on each lamp whose step was read, and on the pair where both were. */
  static List<Finding> judge(
      String prefix, BySide<Optional<LampPlace>> lamps, List<AimEvent> events) {
    List<Finding> findings = new ArrayList<>();
    for (Side side : Side.values()) {
      Optional<AimEvent.StepRead> step = CutoffReadings.last(events, AimEvent.StepRead.class, side);
      if (step.isPresent() && lamps.on(side).isPresent()) {
        findings.add(aside(prefix, lamps.on(side).get(), step.get().leftMm()));
      }
    }
    if (findings.size() == 2) {
      findings.add(pair(prefix, lamps, events));
    }
    return findings;
  }

  private static Finding aside(String prefix, LampPlace lamp, double leftMm) {
    double percent = lamp.percentOf(leftMm);
    Margin margin =
        Margin.of(
            Figure.percent(Practice.ASIDE_LIMIT_PERCENT - Math.abs(percent)),
            lamp.percentOf(lamp.tapeMm()),
            Practice.ASIDE_LIMIT_PERCENT);
    String who = lamp.side() == Side.LEFT ? "Left" : "Right";
    Finding finding =
        Finding.on(
                prefix + "aside." + lamp.side().word(),
                margin,
                ASIDE,
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
                        Figure.degrees(Math.toDegrees(Math.atan(leftMm / lamp.alongMm()))))));
    return margin.verdict() == Verdict.OUT
        ? finding.withRemedy(
            Sentence.of(
                "Horizontal screw: {0} to the " + (leftMm > 0 ? "right." : "left."),
                Figure.lengthMm(Math.abs(leftMm))))
        : finding;
  }

  private static Finding pair(
      String prefix, BySide<Optional<LampPlace>> lamps, List<AimEvent> events) {
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
            Math.toDegrees(Math.atan(left.tapeMm() * Math.sqrt(2) / distance)),
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
    return Finding.on(prefix + "toe", margin, SPACING, headline)
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
