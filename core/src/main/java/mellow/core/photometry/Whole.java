package mellow.core.photometry;

import mellow.core.photometry.lm63.Grid;
import mellow.core.photometry.lm63.PhotometricType;

/** Completes a grid of which a file gives a half or a quarter, the rest being its mirror. */
final class Whole {
  private static final double ROUND = 360;

  private Whole() {}

  static Grid of(Grid grid) {
    if (grid.type() != PhotometricType.C) {
      return grid.isRightHalf() ? mirroredAt(grid, 0, false) : grid;
    }
    double last = grid.horizontal()[grid.horizontal().length - 1];
    if (grid.horizontal().length == 1) {
      return new Grid(
          grid.type(),
          grid.vertical(),
          new double[] {0, ROUND},
          new double[][] {grid.candela()[0], grid.candela()[0]});
    }
    if (grid.horizontal()[0] != 0) {
      // 90 to 270 is the left half: its mirror goes on to 450, of which 360 on is 0 on
      return turned(mirroredAt(grid, last, true));
    }
    Grid half = last == 90 ? mirroredAt(grid, last, true) : grid;
    return half.horizontal()[half.horizontal().length - 1] == 180
        ? mirroredAt(half, 180, true)
        : half;
  }

  /** The grid and its mirror at its first or its last plane. */
  private static Grid mirroredAt(Grid grid, double plane, boolean atEnd) {
    int count = grid.horizontal().length;
    double[] horizontal = new double[2 * count - 1];
    double[][] candela = new double[2 * count - 1][];
    for (int i = 0; i < count; i++) {
      int own = atEnd ? i : count - 1 + i;
      int other = 2 * (count - 1) - own;
      horizontal[own] = grid.horizontal()[i];
      candela[own] = grid.candela()[i];
      horizontal[other] = 2 * plane - grid.horizontal()[i];
      candela[other] = grid.candela()[i];
    }
    return new Grid(grid.type(), grid.vertical(), horizontal, candela);
  }

  /** Planes of 90 to 450 as 0 to 360; 360 is there, as both halves are mirrors at 270. */
  private static Grid turned(Grid grid) {
    int from = 0;
    while (grid.horizontal()[from] < ROUND) {
      from++;
    }
    int count = grid.horizontal().length;
    boolean cut = grid.horizontal()[from] == ROUND;
    int size = cut ? count : count + 2;
    double[] horizontal = new double[size];
    double[][] candela = new double[size][];
    double[] atZero = cut ? grid.candela()[from] : between(grid, from);
    int at = 0;
    horizontal[at] = 0;
    candela[at++] = atZero;
    for (int i = cut ? from + 1 : from; i < count; i++) {
      horizontal[at] = grid.horizontal()[i] - ROUND;
      candela[at++] = grid.candela()[i];
    }
    // 450 is 90, which comes once
    for (int i = 1; i < from; i++) {
      horizontal[at] = grid.horizontal()[i];
      candela[at++] = grid.candela()[i];
    }
    horizontal[at] = ROUND;
    candela[at] = atZero;
    return new Grid(grid.type(), grid.vertical(), horizontal, candela);
  }

  private static double[] between(Grid grid, int after) {
    double before = grid.horizontal()[after - 1];
    double share = (ROUND - before) / (grid.horizontal()[after] - before);
    double[] low = grid.candela()[after - 1];
    double[] high = grid.candela()[after];
    double[] mixed = new double[low.length];
    for (int j = 0; j < mixed.length; j++) {
      mixed[j] = low[j] + share * (high[j] - low[j]);
    }
    return mixed;
  }
}
