package mellow.core.photometry.road;

import java.util.OptionalDouble;
import mellow.core.photometry.MountedBeam.Facing;

/** How far ahead something that stands on the road is lit. */
public final class Reach {
  private static final double NEAREST_MM = 5_000;
  private static final double FARTHEST_MM = 400_000;
  private static final double STEP_MM = 500;
  private static final int HALVINGS = 24;

  private Reach() {}

  /**
   * The farthest place at which a small upright face that looks at the vehicle gets so much light;
   * empty where it gets less all along.
   *
   * @param xMm how far to the left of the vehicle's middle it is
   * @param overRoadMm how high over the road it is
   * @param lux that it must get
   */
  public static OptionalDouble mm(
      Headlamps headlamps, RoadShape road, double xMm, double overRoadMm, double lux) {
    double y = FARTHEST_MM;
    while (y >= NEAREST_MM && at(headlamps, road, xMm, overRoadMm, y) < lux) {
      y -= STEP_MM;
    }
    if (y < NEAREST_MM) {
      return OptionalDouble.empty();
    }
    double lit = y;
    double dark = y + STEP_MM;
    for (int i = 0; i < HALVINGS && y < FARTHEST_MM; i++) {
      double middle = (lit + dark) / 2;
      if (at(headlamps, road, xMm, overRoadMm, middle) >= lux) {
        lit = middle;
      } else {
        dark = middle;
      }
    }
    return OptionalDouble.of(lit);
  }

  private static double at(
      Headlamps headlamps, RoadShape road, double xMm, double overRoadMm, double yMm) {
    return headlamps.lux(road, xMm, yMm, overRoadMm, Facing.BACKWARD);
  }
}
