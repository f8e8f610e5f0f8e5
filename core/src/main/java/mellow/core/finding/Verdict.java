package mellow.core.finding;

/** The four verdicts, mildest first. */
public enum Verdict {
  WITHIN,
  NOT_KNOWN,
  AT_EDGE,
  OUT;

  /**
   * The verdict on a margin.
   *
   * @param margin positive within the limit, negative beyond
   * @param uncertainty of the measured value, in the margin's unit, not negative
   */
  public static Verdict of(double margin, double uncertainty) {
    if (Math.abs(margin) <= uncertainty) {
      return AT_EDGE;
    }
    return margin > 0 ? WITHIN : OUT;
  }

  /** The graver of two. */
  public Verdict or(Verdict other) {
    return compareTo(other) >= 0 ? this : other;
  }
}
