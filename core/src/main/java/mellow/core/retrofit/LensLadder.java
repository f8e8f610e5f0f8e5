package mellow.core.retrofit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;

/** The ladder of restoring a lens: each step wet, each until it looks as it should. */
public final class LensLadder {
  public static final Source SOURCE = Source.commonPractice(RetrofitWords.srcLadder());

  /** The last rung has no grit: plastic polish on a buffing pad. */
  public static final int POLISH = 0;

  private static final List<Rung> RUNGS =
      List.of(
          new Rung(600, RetrofitWords.look600()),
          new Rung(1000, RetrofitWords.look1000()),
          new Rung(1200, RetrofitWords.look1200()),
          new Rung(2000, RetrofitWords.look2000()),
          new Rung(3000, RetrofitWords.look3000()),
          new Rung(POLISH, RetrofitWords.lookPolish()));

  private LensLadder() {}

  /**
   * A step.
   *
   * @param grit of the paper; {@link #POLISH} for polish on a buffing pad
   * @param look what it should look like before the next
   */
  public record Rung(int grit, Sentence look) {
    public Sentence words() {
      return grit == POLISH ? RetrofitWords.polish() : RetrofitWords.grit(String.valueOf(grit));
    }
  }

  public static List<Rung> rungs() {
    return RUNGS;
  }

  /** Why a step cannot be next after those that are done; empty where it can. */
  public static Optional<Sentence> refuses(List<Integer> done, int grit) {
    List<Integer> grits = RUNGS.stream().map(Rung::grit).toList();
    if (!grits.contains(grit)) {
      return Optional.of(RetrofitWords.noGrit(String.valueOf(grit)));
    }
    if (done.contains(grit)) {
      return Optional.of(RetrofitWords.stepDone());
    }
    // a lens that is hazed only lightly starts higher up; from there none is left out
    int place = grits.indexOf(grit);
    boolean follows =
        done.isEmpty() ? grit != POLISH : grits.indexOf(done.get(done.size() - 1)) == place - 1;
    return follows
        ? Optional.empty()
        : Optional.of(
            place == 0
                ? RetrofitWords.coarserDone()
                : RetrofitWords.comesBefore(RUNGS.get(place - 1).words().capital()));
  }

  /** When to look at the lens again: from one year on, after two at the latest. */
  public record FollowUp(LocalDate from, LocalDate latest) {
    public static FollowUp after(LocalDate done) {
      return new FollowUp(done.plusYears(1), done.plusYears(2));
    }
  }
}
