package mellow.core.placement;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The bumper from above, as a parabola: it lies back by setback × (x ÷ half width)², x from the
 * centre line.
 *
 * @param setbackMm how far it lies back at the vehicle's side, measured with a straight edge across
 *     the middle
 */
public record Bumper(double setbackMm) {
  private static final int STEPS = 20;

  public Bumper {
    if (!(setbackMm >= 0)) {
      throw new IllegalArgumentException("a bumper lies back by 0 or more, not " + setbackMm);
    }
  }

  /** How far it lies back at a place; both in mm. */
  public double backMm(double outMm, double vehicleWidthMm) {
    double share = outMm / (vehicleWidthMm / 2);
    return setbackMm * share * share;
  }

  /** By how many degrees it turns away from straight ahead at a place. */
  public double turnDeg(double outMm, double vehicleWidthMm) {
    double half = vehicleWidthMm / 2;
    return Math.toDegrees(Math.atan(2 * setbackMm * outMm / (half * half)));
  }

  /** Its left half from the centre line out: x as {@code outMm}, back as {@code upMm}. */
  public List<Point> curve(double vehicleWidthMm) {
    return IntStream.rangeClosed(0, STEPS)
        .mapToObj(
            step -> {
              double out = vehicleWidthMm / 2 * step / STEPS;
              return new Point(out, backMm(out, vehicleWidthMm));
            })
        .toList();
  }
}
