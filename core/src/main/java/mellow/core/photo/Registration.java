package mellow.core.photo;

import java.util.Optional;

/**
 * How a photo is turned, scaled and moved so that its two marks fall on those of another:
 *
 * <p>x' = a × x − b × y + dx, y' = b × x + a × y + dy.
 *
 * @param a scale × cos of the turn
 * @param b scale × sin of the turn, clockwise on the screen
 * @param dx px
 * @param dy px
 */
public record Registration(double a, double b, double dx, double dy) {
  /** Marks nearer than this cannot be told apart well enough, px. Judged: ± 1 px is then 2 %. */
  private static final double LEAST_APART = 50;

  /** Lays {@code over} onto {@code under}; empty where the marks of either lie too close. */
  public static Optional<Registration> of(Marks under, Marks over) {
    if (under.apart() < LEAST_APART || over.apart() < LEAST_APART) {
      return Optional.empty();
    }
    double ux = under.rightX() - under.leftX();
    double uy = under.rightY() - under.leftY();
    double ox = over.rightX() - over.leftX();
    double oy = over.rightY() - over.leftY();
    double square = ox * ox + oy * oy;
    double a = (ux * ox + uy * oy) / square;
    double b = (uy * ox - ux * oy) / square;
    return Optional.of(
        new Registration(
            a,
            b,
            under.leftX() - a * over.leftX() + b * over.leftY(),
            under.leftY() - b * over.leftX() - a * over.leftY()));
  }

  public double scale() {
    return Math.hypot(a, b);
  }

  public double turnDeg() {
    return Math.toDegrees(Math.atan2(b, a));
  }
}
