package mellow.core.photometry.road;

import mellow.core.photometry.Mounting.Place;

/**
 * How the road runs up or down before the vehicle: y² ÷ 2R, a circle to first order.
 *
 * @param radiusMm of the crest (negative: the road falls away) or dip (positive); infinite for a
 *     level road
 */
public record RoadShape(double radiusMm) {
  public static final RoadShape LEVEL = new RoadShape(Double.POSITIVE_INFINITY);

  public RoadShape {
    if (!(Math.abs(radiusMm) > 0)) {
      throw new IllegalArgumentException("a radius is not " + radiusMm);
    }
  }

  /** Height of the road over the plane that the vehicle stands on, so far ahead. */
  public double heightMm(double aheadMm) {
    return aheadMm * aheadMm / (2 * radiusMm);
  }

  /**
   * Whether a crest stands between a lamp and a point ahead.
   *
   * @param lampMm height of the lamp over the road below it
   * @param point over the plane that the vehicle stands on
   */
  public boolean hides(double lampMm, Place point) {
    double y = point.yMm();
    double slope = (point.zMm() - lampMm) / y;
    // the line of sight comes nearest to the circle so far ahead
    double nearest = slope * radiusMm;
    return radiusMm < 0
        && Double.isFinite(radiusMm)
        && nearest > 0
        && nearest < y
        && lampMm + slope * nearest / 2 < 0;
  }
}
