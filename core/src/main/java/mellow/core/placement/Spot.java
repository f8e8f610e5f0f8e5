package mellow.core.placement;

/**
 * Where a lamp's reference point sits.
 *
 * @param outMm from the vehicle's centre line to the lamp's own side
 * @param heightMm above the ground
 * @param headingDeg how far it looks outwards of straight ahead; inwards is negative
 */
public record Spot(double outMm, double heightMm, double headingDeg) {
  public Spot {
    if (!Double.isFinite(outMm) || !Double.isFinite(heightMm) || !Double.isFinite(headingDeg)) {
      throw new IllegalArgumentException("a place needs finite numbers");
    }
  }

  /** The other lamp sits at the mirrored place; directions may differ. */
  public boolean isLevelWith(Spot other) {
    return outMm == other.outMm && heightMm == other.heightMm;
  }

  public Spot at(double newOutMm, double newHeightMm) {
    return new Spot(newOutMm, newHeightMm, headingDeg);
  }
}
