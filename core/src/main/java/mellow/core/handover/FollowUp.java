package mellow.core.handover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.retrofit.LensLadder;

/**
 * Something to come back for.
 *
 * @param id stable name of it
 * @param what in the owner's words
 * @param from the first day on which it makes sense
 * @param latest the last one
 */
public record FollowUp(String id, Sentence what, LocalDate from, LocalDate latest, Source source) {
  /** Springs settle over some weeks of driving. Judged. */
  private static final int SETTLING_FROM_DAYS = 14;

  private static final int SETTLING_UNTIL_DAYS = 42;

  private static final int TAPS_FROM_MONTHS = 3;
  private static final int TAPS_UNTIL_MONTHS = 6;

  public FollowUp {
    if (latest.isBefore(from)) {
      throw new IllegalArgumentException("The last day comes after the first.");
    }
  }

  /**
   * What a job leaves to come back for.
   *
   * @param suspensionChanged springs, lift or tyres are new
   * @param lensDone when a lens was restored
   * @param clipOnTaps a feed hangs on clip-on taps
   */
  public record Left(boolean suspensionChanged, Optional<LocalDate> lensDone, boolean clipOnTaps) {}

  /** All of them, in the order of their days. */
  public static List<FollowUp> of(LocalDate handedOver, Left left) {
    List<FollowUp> all = new ArrayList<>();
    if (left.suspensionChanged()) {
      all.add(
          new FollowUp(
              "settling",
              HandoverWords.settling(),
              handedOver.plusDays(SETTLING_FROM_DAYS),
              handedOver.plusDays(SETTLING_UNTIL_DAYS),
              Source.judged(HandoverWords.srcSettling())));
    }
    if (left.clipOnTaps()) {
      all.add(
          new FollowUp(
              "taps",
              HandoverWords.taps(),
              handedOver.plusMonths(TAPS_FROM_MONTHS),
              handedOver.plusMonths(TAPS_UNTIL_MONTHS),
              Source.commonPractice(HandoverWords.srcTaps())));
    }
    left.lensDone()
        .map(LensLadder.FollowUp::after)
        .ifPresent(
            again ->
                all.add(
                    new FollowUp(
                        "lens",
                        HandoverWords.lens(),
                        again.from(),
                        again.latest(),
                        LensLadder.SOURCE)));
    return all.stream().sorted(java.util.Comparator.comparing(FollowUp::from)).toList();
  }
}
