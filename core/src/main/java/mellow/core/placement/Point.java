package mellow.core.placement;

/**
 * A point of an outline, mm.
 *
 * @param outMm away from the vehicle's centre line; of a shape on the vehicle, to its left
 * @param upMm upwards
 */
public record Point(double outMm, double upMm) {
  public Point {
    if (!Double.isFinite(outMm) || !Double.isFinite(upMm)) {
      throw new IllegalArgumentException("a point needs two finite numbers");
    }
  }
}
