package mellow.core.workflow.schedule;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

/** Minutes of work, as the times of what was written down tell them. */
public final class WorkedMinutes {
  /** A longer gap was something else. Judged. */
  private static final Duration LONGEST_GAP = Duration.ofMinutes(30);

  private WorkedMinutes() {}

  /**
   * Between entries that are near each other.
   *
   * @param moments in order
   */
  public static double of(List<Instant> moments) {
    double seconds = 0;
    for (int i = 1; i < moments.size(); i++) {
      Duration gap = Duration.between(moments.get(i - 1), moments.get(i));
      if (!gap.isNegative() && gap.compareTo(LONGEST_GAP) <= 0) {
        seconds += gap.toSeconds();
      }
    }
    return seconds / 60;
  }
}
