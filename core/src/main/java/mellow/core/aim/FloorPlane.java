package mellow.core.aim;

import java.util.List;
import java.util.Optional;

/**
 * The plane z = z̄ + b·(x − x̄) + c·(y − ȳ) that fits floor points best in the sense of least
 * squares of z. Centring makes the normal equations two by two, and well conditioned for any bay.
 */
public final class FloorPlane {
  /** A point of the floor: x, y, z in mm in the bay's frame. */
  public record Point(double xMm, double yMm, double zMm) {}

  /** Below this share of the points' spread they lie on a line. */
  private static final double LINE_SHARE = 1e-9;

  private final List<Point> points;
  private final double meanX;
  private final double meanY;
  private final double meanZ;
  private final double sxx;
  private final double sxy;
  private final double syy;
  private final double determinant;
  private final double riseLeft;
  private final double riseForward;

  private FloorPlane(List<Point> points) {
    this.points = points;
    meanX = points.stream().mapToDouble(Point::xMm).average().orElseThrow();
    meanY = points.stream().mapToDouble(Point::yMm).average().orElseThrow();
    meanZ = points.stream().mapToDouble(Point::zMm).average().orElseThrow();
    double xx = 0;
    double xy = 0;
    double yy = 0;
    double xz = 0;
    double yz = 0;
    for (Point p : points) {
      double dx = p.xMm() - meanX;
      double dy = p.yMm() - meanY;
      double dz = p.zMm() - meanZ;
      xx += dx * dx;
      xy += dx * dy;
      yy += dy * dy;
      xz += dx * dz;
      yz += dy * dz;
    }
    sxx = xx;
    sxy = xy;
    syy = yy;
    determinant = xx * yy - xy * xy;
    riseLeft = (xz * yy - yz * xy) / determinant;
    riseForward = (yz * xx - xz * xy) / determinant;
  }

  /** The plane, or nothing where fewer than three points, or points on one line, leave it open. */
  public static Optional<FloorPlane> fit(List<Point> points) {
    if (points.size() < 3) {
      return Optional.empty();
    }
    FloorPlane plane = new FloorPlane(List.copyOf(points));
    double spread = plane.sxx * plane.syy;
    return spread > 0 && plane.determinant > LINE_SHARE * spread
        ? Optional.of(plane)
        : Optional.empty();
  }

  /** Height of the plane at a place, in mm. */
  public double heightMm(double xMm, double yMm) {
    return meanZ + riseLeft * (xMm - meanX) + riseForward * (yMm - meanY);
  }

  /** Rise towards the vehicle's left, in percent. */
  public double riseLeftPercent() {
    return 100 * riseLeft;
  }

  /** Rise towards the wall, in percent. */
  public double riseForwardPercent() {
    return 100 * riseForward;
  }

  /** How far each point stands above the plane, in mm, in the points' order. */
  public List<Double> residualsMm() {
    return points.stream().map(p -> p.zMm() - heightMm(p.xMm(), p.yMm())).toList();
  }

  /** The largest distance of a point from the plane, in mm. */
  public double largestResidualMm() {
    return residualsMm().stream().mapToDouble(Math::abs).max().orElse(0);
  }

  /**
   * By how much an independent error of every reading grows at a place: the plane there is
   * uncertain by this times the error of one reading. It is √(1/n + dᵀS⁻¹d) with d the distance
   * from the points' middle and S their scatter.
   */
  public double errorGain(double xMm, double yMm) {
    double dx = xMm - meanX;
    double dy = yMm - meanY;
    double quadratic = (dx * dx * syy - 2 * dx * dy * sxy + dy * dy * sxx) / determinant;
    return Math.sqrt(1.0 / points.size() + quadratic);
  }

  /** How far the plane at a place moves when the given reading alone is off by 1 mm, at most. */
  public double worstInfluence(double xMm, double yMm) {
    double dx = xMm - meanX;
    double dy = yMm - meanY;
    double worst = 0;
    for (Point p : points) {
      double px = p.xMm() - meanX;
      double py = p.yMm() - meanY;
      double weight =
          1.0 / points.size()
              + (dx * (syy * px - sxy * py) + dy * (sxx * py - sxy * px)) / determinant;
      worst = Math.max(worst, Math.abs(weight));
    }
    return worst;
  }
}
