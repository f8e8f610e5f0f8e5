package mellow.core.photometry;

import java.util.Arrays;

/**
 * A smooth surface through values over a grid that need not be even: cubic along the second
 * coordinate, then along the first, each with slopes that never overshoot (Fritsch and Butland
 * 1984, from memory), so that no value lies outside those at the four corners of its cell.
 */
final class Surface {
  private static final int SLOTS = 2048;

  private final Axis first;
  private final Axis second;
  private final double[][] values;
  private final double[][] slopes;

  /**
   * @param first ascending
   * @param second ascending
   * @param values by first, then by second
   */
  Surface(double[] first, double[] second, double[][] values) {
    this.first = new Axis(first);
    this.second = new Axis(second);
    this.values = values;
    this.slopes = new double[values.length][];
    for (int i = 0; i < values.length; i++) {
      slopes[i] = slopes(second, values[i]);
    }
  }

  /** The value there; 0 outside the grid. */
  double at(double x, double y) {
    if (!first.holds(x) || !second.holds(y)) {
      return 0;
    }
    int i = first.cell(x);
    int j = second.cell(y);
    if (first.knots.length == 1) {
      return along(0, j, y);
    }
    double[] knots = first.knots;
    double width = knots[i + 1] - knots[i];
    double low = along(i, j, y);
    double high = along(i + 1, j, y);
    double secant = (high - low) / width;
    double slopeLow = secant;
    double slopeHigh = secant;
    if (i > 0) {
      double before = knots[i] - knots[i - 1];
      slopeLow = slope((low - along(i - 1, j, y)) / before, secant, before, width);
    }
    if (i + 2 < knots.length) {
      double after = knots[i + 2] - knots[i + 1];
      slopeHigh = slope(secant, (along(i + 2, j, y) - high) / after, width, after);
    }
    return hermite((x - knots[i]) / width, width, low, high, slopeLow, slopeHigh);
  }

  private double along(int i, int j, double y) {
    double[] column = values[i];
    if (column.length == 1) {
      return column[0];
    }
    double[] knots = second.knots;
    double width = knots[j + 1] - knots[j];
    return hermite(
        (y - knots[j]) / width, width, column[j], column[j + 1], slopes[i][j], slopes[i][j + 1]);
  }

  private static double hermite(
      double t, double width, double low, double high, double slopeLow, double slopeHigh) {
    double s = 1 - t;
    return s * s * ((1 + 2 * t) * low + t * width * slopeLow)
        + t * t * ((1 + 2 * s) * high - s * width * slopeHigh);
  }

  private static double[] slopes(double[] knots, double[] values) {
    int last = knots.length - 1;
    double[] slopes = new double[knots.length];
    for (int j = 1; j < last; j++) {
      double before = knots[j] - knots[j - 1];
      double after = knots[j + 1] - knots[j];
      slopes[j] =
          slope(
              (values[j] - values[j - 1]) / before,
              (values[j + 1] - values[j]) / after,
              before,
              after);
    }
    if (last > 0) {
      slopes[0] = (values[1] - values[0]) / (knots[1] - knots[0]);
      slopes[last] = (values[last] - values[last - 1]) / (knots[last] - knots[last - 1]);
    }
    return slopes;
  }

  /** The weighted harmonic mean of both secants; level where they run against each other. */
  private static double slope(double before, double after, double widthBefore, double widthAfter) {
    if (before * after <= 0) {
      return 0;
    }
    double left = 2 * widthAfter + widthBefore;
    double right = widthAfter + 2 * widthBefore;
    return (left + right) * before * after / (left * after + right * before);
  }

  /** The knots of one coordinate, and which cell a value lies in. */
  private static final class Axis {
    private final double[] knots;
    private final int[] slots = new int[SLOTS];
    private final double perSlot;

    Axis(double[] knots) {
      this.knots = knots;
      double span = knots[knots.length - 1] - knots[0];
      this.perSlot = span > 0 ? SLOTS / span : 0;
      for (int slot = 0; slot < SLOTS && span > 0; slot++) {
        int found = Arrays.binarySearch(knots, knots[0] + slot / perSlot);
        slots[slot] = Math.min(knots.length - 2, found >= 0 ? found : -found - 2);
      }
    }

    boolean holds(double value) {
      return value >= knots[0] && value <= knots[knots.length - 1];
    }

    int cell(double value) {
      int cell = slots[Math.min(SLOTS - 1, (int) ((value - knots[0]) * perSlot))];
      // a slot may begin a rounding error before or after its first knot
      while (cell > 0 && value < knots[cell]) {
        cell--;
      }
      while (cell + 2 < knots.length && value > knots[cell + 1]) {
        cell++;
      }
      return cell;
    }
  }
}
