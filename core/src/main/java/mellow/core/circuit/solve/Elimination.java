package mellow.core.circuit.solve;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Solves symmetric sparse systems of one fixed pattern: A = L D Lᵀ, eliminated in an order of least
 * degree that is found once. Every branch of a circuit couples its two nodes alike in both
 * directions, and every node leaks a little to ground, so that no pivoting is needed. Against a
 * dense elimination of the same size it saves the cube: circuits are long chains.
 */
final class Elimination {
  private final int size;

  /** Row of A that is eliminated at each step. */
  private final int[] order;

  /** Steps, later ones, that a step reaches: the rows of its column of L. */
  private final int[][] reached;

  /** For each step, row and earlier or same row of its column: the place that they change. */
  private final int[][] changed;

  /** Where the column of a step begins in the values of L. */
  private final int[] columnStart;

  private final int[] stepOf;

  /** Where a step's entry of a later step lies. */
  private final List<Map<Integer, Integer>> places;

  /**
   * @param size number of unknowns
   * @param pairs the two rows of each place off the diagonal that may be filled
   */
  Elimination(int size, List<int[]> pairs) {
    this.size = size;
    List<Set<Integer>> near = new ArrayList<>();
    for (int i = 0; i < size; i++) {
      near.add(new TreeSet<>());
    }
    for (int[] pair : pairs) {
      near.get(pair[0]).add(pair[1]);
      near.get(pair[1]).add(pair[0]);
    }
    order = new int[size];
    stepOf = new int[size];
    List<Set<Integer>> below = eliminate(near);
    reached = new int[size][];
    columnStart = new int[size + 1];
    places = new ArrayList<>();
    for (int step = 0; step < size; step++) {
      reached[step] = below.get(step).stream().mapToInt(row -> stepOf[row]).sorted().toArray();
      columnStart[step + 1] = columnStart[step] + reached[step].length;
      Map<Integer, Integer> place = new HashMap<>();
      for (int i = 0; i < reached[step].length; i++) {
        place.put(reached[step][i], columnStart[step] + i);
      }
      places.add(place);
    }
    changed = new int[size][];
    for (int step = 0; step < size; step++) {
      changed[step] = placesChangedBy(reached[step]);
    }
  }

  /** Takes out the row with the fewest neighbours, over and over, joining those that it had. */
  private List<Set<Integer>> eliminate(List<Set<Integer>> near) {
    List<Set<Integer>> below = new ArrayList<>(Collections.nCopies(size, Set.of()));
    boolean[] done = new boolean[size];
    for (int step = 0; step < size; step++) {
      int next = -1;
      for (int row = 0; row < size; row++) {
        if (!done[row] && (next < 0 || near.get(row).size() < near.get(next).size())) {
          next = row;
        }
      }
      done[next] = true;
      order[step] = next;
      stepOf[next] = step;
      Set<Integer> neighbours = near.get(next);
      below.set(step, Set.copyOf(neighbours));
      for (int row : neighbours) {
        Set<Integer> its = near.get(row);
        its.remove(next);
        its.addAll(neighbours);
        its.remove(row);
      }
    }
    return below;
  }

  private int[] placesChangedBy(int[] rows) {
    int[] at = new int[rows.length * (rows.length + 1) / 2];
    int n = 0;
    for (int i = 0; i < rows.length; i++) {
      for (int j = 0; j < i; j++) {
        at[n++] = places.get(rows[j]).get(rows[i]);
      }
      at[n++] = -1 - rows[i];
    }
    return at;
  }

  /** Where the place of two rows lies among the values off the diagonal. */
  int placeOf(int row, int other) {
    int one = stepOf[row];
    int two = stepOf[other];
    return places.get(Math.min(one, two)).get(Math.max(one, two));
  }

  /** How many values off the diagonal there are, fill among them. */
  int places() {
    return columnStart[size];
  }

  /** The place of a row on the diagonal. */
  int diagonalOf(int row) {
    return stepOf[row];
  }

  /**
   * Solves in place; the arrays are used up.
   *
   * @param diagonal by {@link #diagonalOf}
   * @param off by {@link #placeOf}
   * @param right the right side by row; becomes the solution
   */
  void solve(double[] diagonal, double[] off, double[] right) {
    for (int step = 0; step < size; step++) {
      int start = columnStart[step];
      int[] rows = reached[step];
      int[] at = changed[step];
      double pivot = diagonal[step];
      int n = 0;
      for (int i = 0; i < rows.length; i++) {
        double factor = off[start + i] / pivot;
        for (int j = 0; j < i; j++) {
          off[at[n++]] -= factor * off[start + j] * pivot;
        }
        diagonal[-1 - at[n++]] -= factor * off[start + i];
        off[start + i] = factor;
      }
    }
    double[] x = new double[size];
    for (int step = 0; step < size; step++) {
      x[step] += right[order[step]];
      for (int i = 0; i < reached[step].length; i++) {
        x[reached[step][i]] -= off[columnStart[step] + i] * x[step];
      }
    }
    for (int step = size - 1; step >= 0; step--) {
      double value = x[step] / diagonal[step];
      for (int i = 0; i < reached[step].length; i++) {
        value -= off[columnStart[step] + i] * x[reached[step][i]];
      }
      x[step] = value;
      right[order[step]] = value;
    }
  }
}
