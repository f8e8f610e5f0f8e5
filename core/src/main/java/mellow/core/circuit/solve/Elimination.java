package mellow.core.circuit.solve;

import java.util.Arrays;
import java.util.BitSet;

/**
 * Solves symmetric sparse systems of one fixed pattern: A = L D Lᵀ, eliminated in an order of least
 * degree that is found once. Every branch of a circuit couples its two nodes alike in both
 * directions, and every node leaks a little to ground, so that no pivoting is needed. Against a
 * dense elimination of the same size it saves the cube: circuits are long chains.
 */
final class Elimination {
  /** Instead of a number of neighbours, for a row that was taken out. */
  private static final int DONE = -1;

  private final int size;

  /** Where the column of a step begins in the values of L, and in {@link #rows}. */
  private final int[] columnStart;

  /** Where what a step changes begins in {@link #changed}. */
  private final int[] changedStart;

  /** Steps, later ones, that a step reaches: the rows of its column of L, step after step. */
  private final int[] rows;

  /**
   * For each step, each row of its column and each earlier row of it: the place off the diagonal
   * that they change; what a row changes on the diagonal has its own number.
   */
  private final int[] changed;

  /** By row of A: the step at which it is eliminated. */
  private final int[] stepOf;

  /**
   * @param size number of unknowns
   * @param pairs the two rows of each place off the diagonal that may be filled, one pair after the
   *     other
   * @param last rows that are eliminated after all others
   */
  Elimination(int size, int[] pairs, BitSet last) {
    this.size = size;
    BitSet[] near = new BitSet[size];
    for (int i = 0; i < size; i++) {
      near[i] = new BitSet(size);
    }
    for (int i = 0; i < pairs.length; i += 2) {
      near[pairs[i]].set(pairs[i + 1]);
      near[pairs[i + 1]].set(pairs[i]);
    }
    stepOf = new int[size];
    BitSet[] below = eliminate(near, last);
    columnStart = new int[size + 1];
    for (int step = 0; step < size; step++) {
      columnStart[step + 1] = columnStart[step] + below[step].cardinality();
    }
    rows = new int[columnStart[size]];
    for (int step = 0; step < size; step++) {
      int[] reached = below[step].stream().map(row -> stepOf[row]).sorted().toArray();
      System.arraycopy(reached, 0, rows, columnStart[step], reached.length);
    }
    changedStart = new int[size + 1];
    for (int step = 0; step < size; step++) {
      int reached = columnStart[step + 1] - columnStart[step];
      changedStart[step + 1] = changedStart[step] + reached * (reached - 1) / 2;
    }
    changed = placesChanged();
  }

  /** Takes out the row with the fewest neighbours, over and over, joining those that it had. */
  private BitSet[] eliminate(BitSet[] near, BitSet last) {
    int first = size - last.cardinality();
    BitSet[] below = new BitSet[size];
    int[] neighbours = new int[size];
    for (int row = 0; row < size; row++) {
      neighbours[row] = near[row].cardinality();
    }
    for (int step = 0; step < size; step++) {
      int next = -1;
      for (int row = 0; row < size; row++) {
        if (neighbours[row] >= 0
            && last.get(row) == step >= first
            && (next < 0 || neighbours[row] < neighbours[next])) {
          next = row;
        }
      }
      stepOf[next] = step;
      neighbours[next] = DONE;
      below[step] = near[next];
      for (int row = near[next].nextSetBit(0); row >= 0; row = near[next].nextSetBit(row + 1)) {
        near[row].or(near[next]);
        near[row].clear(next);
        near[row].clear(row);
        neighbours[row] = near[row].cardinality();
      }
    }
    return below;
  }

  private int[] placesChanged() {
    int[] at = new int[changedStart[size]];
    int n = 0;
    for (int step = 0; step < size; step++) {
      for (int i = columnStart[step]; i < columnStart[step + 1]; i++) {
        for (int j = columnStart[step]; j < i; j++) {
          at[n++] = placeOfSteps(rows[j], rows[i]);
        }
      }
    }
    return at;
  }

  private int placeOfSteps(int step, int later) {
    return Arrays.binarySearch(rows, columnStart[step], columnStart[step + 1], later);
  }

  /** Where the place of two rows lies among the values off the diagonal. */
  int placeOf(int row, int other) {
    int one = stepOf[row];
    int two = stepOf[other];
    return placeOfSteps(Math.min(one, two), Math.max(one, two));
  }

  /** How many values off the diagonal there are, fill among them. */
  int places() {
    return columnStart[size];
  }

  /** The place of a row on the diagonal. */
  int diagonalOf(int row) {
    return stepOf[row];
  }

  /** Where the column of a step begins among the values off the diagonal. */
  int columnStart(int step) {
    return columnStart[step];
  }

  /** The later step whose row a value off the diagonal is in. */
  int row(int place) {
    return rows[place];
  }

  /**
   * Eliminates some steps in place: of later ones what is left of them stays.
   *
   * @param diagonal by {@link #diagonalOf}
   * @param off by {@link #placeOf}
   * @param from the first step
   * @param to the step behind the last
   */
  void factor(double[] diagonal, double[] off, int from, int to) {
    int n = changedStart[from];
    for (int step = from; step < to; step++) {
      double inverse = 1 / diagonal[step];
      int start = columnStart[step];
      for (int i = start; i < columnStart[step + 1]; i++) {
        double value = off[i];
        double factor = value * inverse;
        for (int j = start; j < i; j++) {
          // those before it are factors already
          off[changed[n++]] -= value * off[j];
        }
        diagonal[rows[i]] -= factor * value;
        off[i] = factor;
      }
    }
  }

  /**
   * Takes what is known of some eliminated steps out of the right sides of later ones.
   *
   * @param right by step
   */
  void forward(double[] off, double[] right, int from, int to) {
    for (int step = from; step < to; step++) {
      for (int i = columnStart[step]; i < columnStart[step + 1]; i++) {
        right[rows[i]] -= off[i] * right[step];
      }
    }
  }

  /**
   * Finds some eliminated steps from what later ones came to.
   *
   * @param right by step: right sides, and solutions from the last of them on
   */
  void backward(double[] diagonal, double[] off, double[] right, int from, int to) {
    for (int step = to - 1; step >= from; step--) {
      double value = right[step] / diagonal[step];
      for (int i = columnStart[step]; i < columnStart[step + 1]; i++) {
        value -= off[i] * right[rows[i]];
      }
      right[step] = value;
    }
  }
}
