package mellow.core.retrofit;

import mellow.core.finding.Sentence;
import mellow.core.finding.Source;

/** How a projector sits in its housing. */
public enum Mount {
  RING,
  GLUED;

  /** The tag of the steps that belong to it. */
  public String way() {
    return "mount-" + name().toLowerCase(java.util.Locale.ROOT);
  }

  /**
   * A choice with its reason.
   *
   * @param because in words
   */
  public record Advice(Mount mount, Sentence because, Source source) {}

  private static final Source WAYS = Source.commonPractice(RetrofitWords.srcMount());

  /** Which of both follows from housing and projector. */
  public static Advice advice(Housing housing, Projector projector) {
    if (projector.threadMm().isEmpty()) {
      return new Advice(GLUED, RetrofitWords.noThread(), WAYS);
    }
    if (housing.holeMm().isEmpty()) {
      return new Advice(RING, RetrofitWords.threadedBoss(), WAYS);
    }
    double wider =
        HoleSize.forThread(projector.threadMm().getAsDouble()) - housing.holeMm().getAsDouble();
    if (wider > MOST_DRILLED_MM) {
      return new Advice(
          GLUED, RetrofitWords.holeTooSmall(), Source.judged(RetrofitWords.srcHole()));
    }
    return new Advice(RING, RetrofitWords.bossThrough(), WAYS);
  }

  private static final double MOST_DRILLED_MM = 8;
}
