package mellow.core.aim;

import java.util.OptionalDouble;

/** Where a cutoff meets a level road. */
public final class Road {
  private Road() {}

  /**
   * Distance ahead of the lamp at which its cutoff meets a level road, in mm: height ÷ (percent ÷
   * 100). Empty for a cutoff that does not fall.
   *
   * @param centreMm height of the lamp's centre above the road
   * @param percent inclination, negative downwards
   */
  public static OptionalDouble reachMm(double centreMm, double percent) {
    return percent < 0 ? OptionalDouble.of(centreMm / (-percent / 100)) : OptionalDouble.empty();
  }
}
