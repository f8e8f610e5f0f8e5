package mellow.core.aim.lamp;

import mellow.core.aim.AimEvent;
import mellow.core.aim.AimWords;
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

/**
 * Roll of a cutoff: atan(height difference ÷ horizontal distance) of two points of its flat part.
 */
public final class Roll {
  private static final Source LEVEL = Source.commonPractice(AimWords.srcRoll());

  /** What holds a projector against turning. */
  public enum Holding {
    NUT,
    GLUE;

    private Remedy remedy(double rollDeg) {
      Figure.Angle roll = Figure.degrees(Math.abs(rollDeg));
      return switch (this) {
        case NUT ->
            Remedy.of(Remedy.Action.TURN, Remedy.Page.BENCH, AimWords.rollNut(roll, rollDeg > 0))
                .by(roll);
        case GLUE ->
            Remedy.of(Remedy.Action.WORK, Remedy.Page.BENCH, AimWords.rollGlue(roll, rollDeg > 0))
                .by(roll);
      };
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
        Margin.upTo(Figure.degrees(Practice.ROLL_LIMIT_DEG), Math.abs(roll), uncertainty);
    Figure.Angle shown = Figure.degrees(Math.abs(roll));
    Sentence headline =
        margin.verdict() == Verdict.WITHIN
            ? AimWords.rollLevel(read.side(), shown)
            : AimWords.rollLeans(read.side(), shown, roll > 0);
    Finding finding =
        Finding.on(key, margin, LEVEL, headline)
            .withWorking(
                Working.of(
                    new Working.Line(
                        AimWords.roll(),
                        AimWords.rollFormula(),
                        Sentence.of(
                            "atan({0} ÷ {1})",
                            Figure.lengthMm(read.leftHigher().mm()), Figure.lengthMm(read.runMm())),
                        Figure.degrees(roll))));
    return margin.verdict() == Verdict.OUT ? finding.withRemedy(holding.remedy(roll)) : finding;
  }
}
