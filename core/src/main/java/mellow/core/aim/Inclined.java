package mellow.core.aim;

import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;

/** An inclination as people say it: "1.20 % down", "0.30 % up", "level". */
public final class Inclined {
  /** Half of the last place shown: what rounds to 0.00 % is called level. */
  private static final double LEVEL_PERCENT = 0.005;

  private Inclined() {}

  public static Sentence by(double percent) {
    return Math.abs(percent) < LEVEL_PERCENT
        ? AimWords.levelBeam()
        : AimWords.inclined(Figure.percent(Math.abs(percent)), percent < 0);
  }
}
