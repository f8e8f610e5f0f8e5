package mellow.core.photometry.road;

/**
 * Stopping on a level road: distance = v × reaction + v² ÷ (2 × deceleration), as the AASHTO Policy
 * on Geometric Design gives it for stopping sight distance, with 2.5 s and 3.4 m/s² (from memory).
 *
 * @param reactionS from seeing to braking
 * @param decelerationMs2 while braking
 */
public record Stopping(double reactionS, double decelerationMs2) {
  /** Figures for the design of roads, which nearly all drivers reach in the wet. */
  public static final Stopping DESIGN = new Stopping(2.5, 3.4);

  private static final double KMH_PER_MS = 3.6;
  private static final double MM_PER_M = 1000;

  public Stopping {
    if (!(reactionS >= 0 && decelerationMs2 > 0)) {
      throw new IllegalArgumentException(reactionS + " s, " + decelerationMs2 + " m/s²");
    }
  }

  /** The distance within which one stops from a speed. */
  public double distanceMm(double kmh) {
    double speed = kmh / KMH_PER_MS;
    return (speed * reactionS + speed * speed / (2 * decelerationMs2)) * MM_PER_M;
  }

  /** The speed from which one stops within a distance, km/h. */
  public double speedKmh(double distanceMm) {
    double lost = decelerationMs2 * reactionS;
    return (Math.sqrt(lost * lost + 2 * decelerationMs2 * distanceMm / MM_PER_M) - lost)
        * KMH_PER_MS;
  }
}
