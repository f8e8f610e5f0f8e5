package mellow.core.photometry.invented;

/** The height of a cutoff over the angle aside, in degrees of the lamp's axes. */
@FunctionalInterface
interface Edge {
  double heightDeg(double hDeg);

  /** Flat up to straight ahead, then rising to the right: UN, traffic on the right. */
  static Edge rising(double flatDeg, double slopeDeg) {
    double slope = Math.tan(Math.toRadians(slopeDeg));
    return h -> flatDeg + slope * Math.max(0, h);
  }

  /** A step at straight ahead, 45° steep, between two flat parts. */
  static Edge step(double leftDeg, double rightDeg) {
    return h -> leftDeg + Math.min(rightDeg - leftDeg, Math.max(0, h));
  }

  static Edge flat(double heightDeg) {
    return h -> heightDeg;
  }
}
