package mellow.core.aim;

import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Working;
import mellow.core.vehicle.Side;

/**
 * Roll of a cutoff: atan(height difference ÷ horizontal distance) of two points of its flat part.
 */
public final class Roll {
  private static final Source LEVEL =
      Source.commonPractice("a projector's cutoff is level; how level is this product's advice");

  /** What holds a projector against turning. */
  public enum Holding {
    NUT(
        "Rotate the projector in its boss by {0} %s, seen from behind the lamp; then tighten the nut."),
    GLUE(
        "Part its tack and rotate the projector in the bowl by {0} %s, seen from behind the lamp;"
            + " then tack it and read it again.");

    private final String remedy;

    Holding(String remedy) {
      this.remedy = remedy;
    }

    private Sentence remedy(double rollDeg) {
      return Sentence.of(
          remedy.formatted(rollDeg > 0 ? "anticlockwise" : "clockwise"),
          Figure.degrees(Math.abs(rollDeg)));
    }
  }

  private Roll() {}

  /** Roll in degrees, positive where the left point is higher; {@code runMm} is positive. */
  public static double degrees(double leftHigherMm, double runMm) {
    return Math.toDegrees(Math.atan(leftHigherMm / runMm));
  }

  /** The finding on a lamp's roll: two heights, each read to the tape, over their distance. */
  static Finding judge(FindingKey key, AimEvent.RollRead read, Holding holding) {
    double roll = degrees(read.leftHigher().mm(), read.runMm());
    double uncertainty = degrees(read.leftHigher().plusMinusMm() * Math.sqrt(2), read.runMm());
    Margin margin =
        Margin.of(
            Figure.degrees(Practice.ROLL_LIMIT_DEG - Math.abs(roll)),
            uncertainty,
            Practice.ROLL_LIMIT_DEG);
    String lamp = read.side() == Side.LEFT ? "Left" : "Right";
    Sentence headline =
        margin.verdict() == Verdict.WITHIN
            ? Sentence.of(lamp + " cutoff is level to {0}", Figure.degrees(Math.abs(roll)))
            : Sentence.of(
                lamp + " cutoff leans {0}, its " + (roll > 0 ? "right" : "left") + " end low",
                Figure.degrees(Math.abs(roll)));
    Finding finding =
        Finding.on(key, margin, LEVEL, headline)
            .withWorking(
                Working.of(
                    new Working.Line(
                        "roll",
                        "atan(height difference ÷ horizontal distance)",
                        Sentence.of(
                            "atan({0} ÷ {1})",
                            Figure.lengthMm(read.leftHigher().mm()), Figure.lengthMm(read.runMm())),
                        Figure.degrees(roll))));
    return margin.verdict() == Verdict.OUT ? finding.withRemedy(holding.remedy(roll)) : finding;
  }
}
