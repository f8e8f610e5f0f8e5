package mellow.core.retrofit;

import mellow.core.finding.Source;

/** How a projector sits in its housing. */
public enum Mount {
  RING("through the bulb hole, with ring and nut"),
  GLUED("in the cut bowl, glued");

  private final String words;

  Mount(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** The tag of the steps that belong to it. */
  public String way() {
    return "mount-" + name().toLowerCase(java.util.Locale.ROOT);
  }

  /**
   * A choice with its reason.
   *
   * @param because in words
   */
  public record Advice(Mount mount, String because, Source source) {}

  private static final Source WAYS =
      Source.commonPractice("a threaded boss goes through the bulb hole, others are glued");

  /** Which of both follows from housing and projector. */
  public static Advice advice(Housing housing, Projector projector) {
    if (projector.threadMm().isEmpty()) {
      return new Advice(
          GLUED, "No thread of a boss is written down: without one it is glued.", WAYS);
    }
    if (housing.holeMm().isEmpty()) {
      return new Advice(
          RING, "The projector has a threaded boss; measure the bulb hole to be sure.", WAYS);
    }
    double wider =
        HoleSize.forThread(projector.threadMm().getAsDouble()) - housing.holeMm().getAsDouble();
    if (wider > MOST_DRILLED_MM) {
      return new Advice(
          GLUED,
          "The bulb hole would have to grow by more than a grinder takes off snugly.",
          Source.judged("a hole that grows by more than 8 mm loses its face for the nut"));
    }
    return new Advice(
        RING, "The threaded boss goes through the bulb hole; the bowl stays uncut.", WAYS);
  }

  private static final double MOST_DRILLED_MM = 8;
}
