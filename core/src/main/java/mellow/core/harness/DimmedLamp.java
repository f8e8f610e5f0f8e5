package mellow.core.harness;

/** A lamp of diodes dimmed by switching it: its light goes with the share of the time. */
public final class DimmedLamp {
  private DimmedLamp() {}

  /**
   * The largest share of the period in which a lamp may be lit to stay within a limit.
   *
   * @param fullCandela on its axis, undimmed
   * @param limitCandela that it must not pass: 140 cd for a position lamp, UN R7 (from memory)
   */
  public static double mostDuty(double fullCandela, double limitCandela) {
    if (!(fullCandela > 0) || !(limitCandela > 0)) {
      throw new IllegalArgumentException(
          "intensities are positive, not %s and %s cd".formatted(fullCandela, limitCandela));
    }
    return Math.min(1, limitCandela / fullCandela);
  }
}
