package mellow.core.photometry.lm63;

/**
 * Intensities over two angles, as they stand in the file, before its factors.
 *
 * @param type what the angles mean
 * @param vertical degrees, ascending
 * @param horizontal degrees, ascending
 * @param candela by horizontal, then by vertical angle
 */
public record Grid(
    PhotometricType type, double[] vertical, double[] horizontal, double[][] candela) {
  public Grid {
    if (candela.length != horizontal.length) {
      throw new IllegalArgumentException("a column for each horizontal angle");
    }
    for (double[] column : candela) {
      if (column.length != vertical.length) {
        throw new IllegalArgumentException("a value for each vertical angle");
      }
    }
  }

  /** Whether a file of type A or B gives the right half only, the left being its mirror. */
  public boolean isRightHalf() {
    return type != PhotometricType.C && horizontal.length > 1 && horizontal[0] == 0;
  }
}
