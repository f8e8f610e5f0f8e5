package mellow.core.measure;

/** Percent and degrees of the same inclination: percent = 100 × tan(angle). */
public final class Inclination {
  private Inclination() {}

  /** Degrees of an inclination given in percent; both positive upwards. */
  public static double degreesOfPercent(double percent) {
    return Math.toDegrees(Math.atan(percent / 100));
  }

  /** Percent of an inclination given in degrees; both positive upwards. */
  public static double percentOfDegrees(double degrees) {
    return 100 * Math.tan(Math.toRadians(degrees));
  }
}
