package mellow.core.rules;

import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Limit;
import mellow.core.finding.Source;

/**
 * How far the step of a cutoff may stand beside its straight-ahead line.
 *
 * @param mostLeftPercent to the vehicle's left, 100 × aside ÷ distance; 0 where it may not at all
 * @param mostRightPercent to its right
 * @param source where it stands
 */
public record AsideRule(double mostLeftPercent, double mostRightPercent, Source source) {
  public AsideRule {
    if (!(mostLeftPercent >= 0) || !(mostRightPercent >= 0)) {
      throw new CannotBe(RulesWords.asideNegative());
    }
    if (mostLeftPercent + mostRightPercent == 0) {
      throw new CannotBe(RulesWords.asideNoRoom());
    }
  }

  /** What is left of the room; positive within. */
  public double marginOf(double leftPercent) {
    return Math.min(mostLeftPercent - leftPercent, mostRightPercent + leftPercent);
  }

  /** What it allows, in percent to the left. */
  public Limit limit() {
    return Limit.between(Figure.percent(-mostRightPercent), Figure.percent(mostLeftPercent));
  }

  /** Half of the room. */
  public double halfWidth() {
    return (mostLeftPercent + mostRightPercent) / 2;
  }

  /** The middle of the room, positive to the left. */
  public double middlePercent() {
    return (mostLeftPercent - mostRightPercent) / 2;
  }
}
