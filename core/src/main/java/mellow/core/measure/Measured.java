package mellow.core.measure;

/**
 * A length with what it was read to. The ± belongs to the reading: to the tape it was read off, or
 * to what the person wrote beside it; never to the units in which a job is shown.
 *
 * @param mm the length
 * @param plusMinusMm how far the true length may lie from it, ± mm; not negative
 */
public record Measured(double mm, double plusMinusMm) {
  public Measured {
    if (!Double.isFinite(mm) || !(plusMinusMm >= 0) || Double.isInfinite(plusMinusMm)) {
      throw new IllegalArgumentException("a length is finite and its ± is not negative");
    }
  }

  /** A length read off a tape of whole millimetres. */
  public static Measured toMm(double mm) {
    return new Measured(mm, UnitSystem.METRIC.tapeStepMm());
  }

  /** The ± of a difference of the two. */
  public double apartPlusMinusMm(Measured other) {
    return Math.hypot(plusMinusMm, other.plusMinusMm);
  }
}
