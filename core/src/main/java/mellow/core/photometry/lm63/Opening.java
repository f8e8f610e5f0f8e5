package mellow.core.photometry.lm63;

/**
 * The luminous opening, in metres; 0 for a point, negative for a round one.
 *
 * @param inFeet the file gives it in feet
 */
public record Opening(double widthM, double lengthM, double heightM, boolean inFeet) {
  static final double M_PER_FOOT = 0.3048;

  /** What one of the file's units is in metres. */
  double unit() {
    return inFeet ? M_PER_FOOT : 1;
  }
}
