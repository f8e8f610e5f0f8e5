package mellow.core.retrofit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Source;

/** The ladder of restoring a lens: each step wet, each until it looks as it should. */
public final class LensLadder {
  public static final Source SOURCE =
      Source.commonPractice("600 to 3000 grit wet, then plastic polish; lasts one to two years");

  /** The last rung has no grit: plastic polish on a buffing pad. */
  public static final int POLISH = 0;

  private static final List<Rung> RUNGS =
      List.of(
          new Rung(
              600, "Evenly dull all over; the yellow and the old coat are gone, no bare islands"),
          new Rung(1000, "A finer, even haze; no scratch of 600 is left when it is wiped dry"),
          new Rung(1200, "The haze is white and silky; water runs off in a film"),
          new Rung(2000, "Light shows through dry; the pattern behind can be made out"),
          new Rung(3000, "Nearly clear when wet; a soft sheen when dry"),
          new Rung(POLISH, "Clear and glossy; no swirls against a lamp held behind"));

  private LensLadder() {}

  /**
   * A step.
   *
   * @param grit of the paper; {@link #POLISH} for polish on a buffing pad
   * @param look what it should look like before the next
   */
  public record Rung(int grit, String look) {
    public String words() {
      return grit == POLISH ? "plastic polish on a buffing pad" : grit + " grit, wet";
    }
  }

  public static List<Rung> rungs() {
    return RUNGS;
  }

  /** Why a step cannot be next after those that are done; empty where it can. */
  public static Optional<String> refuses(List<Integer> done, int grit) {
    List<Integer> grits = RUNGS.stream().map(Rung::grit).toList();
    if (!grits.contains(grit)) {
      return Optional.of(
          "The ladder has no %d grit: 600, 1000, 1200, 2000, 3000, polish.".formatted(grit));
    }
    if (done.contains(grit)) {
      return Optional.of("That step is done already.");
    }
    // a lens that is hazed only lightly starts higher up; from there none is left out
    int place = grits.indexOf(grit);
    boolean follows =
        done.isEmpty() ? grit != POLISH : grits.indexOf(done.get(done.size() - 1)) == place - 1;
    return follows
        ? Optional.empty()
        : Optional.of(
            "%s comes before it: its scratches would stay."
                .formatted(place == 0 ? "Nothing" : RUNGS.get(place - 1).words()));
  }

  /** When to look at the lens again: from one year on, after two at the latest. */
  public record FollowUp(LocalDate from, LocalDate latest) {
    public static FollowUp after(LocalDate done) {
      return new FollowUp(done.plusYears(1), done.plusYears(2));
    }
  }
}
