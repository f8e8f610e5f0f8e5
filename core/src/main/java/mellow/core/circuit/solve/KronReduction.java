package mellow.core.circuit.solve;

import java.util.Arrays;
import java.util.BitSet;
import mellow.core.circuit.Law;

/**
 * A network reduced to the nodes at which lamps and diodes are: all other branches are straight, so
 * that the nodes between them are eliminated once for a position of the contacts (Kron's reduction)
 * and Newton's method goes over a few nodes only. Nothing is made in its loops; it is one thread's.
 */
final class KronReduction {
  private static final int NONE = -1;

  private final Elimination elimination;
  private final double leak;

  /** The first step of a node that is kept, and the step behind the last. */
  private final int first;

  private final int size;

  /** By edge: whether its law may be bent. */
  private final BitSet bent;

  // by edge: the steps of its nodes, and where its slope goes; -1 for ground or none
  private final int[] fromStep;
  private final int[] toStep;
  private final int[] place;

  // by step: what the straight branches let flow, with what was eliminated of it
  private final double[] diagonal;
  private final double[] off;
  private final double[] sources;

  // by step: Newton's method
  private final double[] volts;
  private final double[] tried;
  private final double[] sums;
  private final double[] moves;
  private final double[] slopesAt;
  private final double[] slopesOff;
  private final double[] slopes;
  private final double[] flow = new double[2];

  /**
   * For a network.
   *
   * @param bent edges whose law may be bent; the nodes at their ends are eliminated last
   * @param fromStep by edge: the step of the node where it begins; -1 for ground
   * @param toStep the same where it ends
   * @param place by edge: where its slope goes off the diagonal; -1 for nowhere
   */
  KronReduction(
      Elimination elimination,
      double leak,
      BitSet bent,
      int[] fromStep,
      int[] toStep,
      int[] place) {
    this.elimination = elimination;
    this.leak = leak;
    this.bent = bent;
    this.fromStep = fromStep;
    this.toStep = toStep;
    this.place = place;
    first = elimination.first();
    size = elimination.size();
    diagonal = new double[size];
    off = new double[elimination.places()];
    sources = new double[size];
    volts = new double[size];
    tried = new double[size];
    sums = new double[size];
    moves = new double[size];
    slopesAt = new double[size];
    slopesOff = new double[off.length];
    slopes = new double[place.length];
  }

  /**
   * Newton's method from a guess.
   *
   * @param guess by step; becomes the solution
   * @return whether voltages were found at which the currents add up; if not, the guess is as it
   *     was
   */
  boolean settle(Law[] laws, double[] guess) {
    if (!reduce(laws)) {
      return false;
    }
    System.arraycopy(guess, first, volts, first, size - first);
    if (!newton(laws)) {
      return false;
    }
    System.arraycopy(sources, 0, volts, 0, first);
    elimination.backward(diagonal, off, volts, 0, first);
    System.arraycopy(volts, 0, guess, 0, size);
    return true;
  }

  /** Eliminates what is straight; false where an edge is bent that should not be. */
  private boolean reduce(Law[] laws) {
    Arrays.fill(diagonal, leak);
    Arrays.fill(off, 0);
    Arrays.fill(sources, 0);
    for (int i = 0; i < laws.length; i++) {
      if (bent.get(i)) {
        continue;
      } else if (!laws[i].isStraight()) {
        return false;
      }
      laws[i].flow(0, flow);
      add(i, flow[1], diagonal, off);
      if (fromStep[i] != NONE) {
        sources[fromStep[i]] -= flow[0];
      }
      if (toStep[i] != NONE) {
        sources[toStep[i]] += flow[0];
      }
    }
    elimination.factor(diagonal, off, 0, first);
    elimination.forward(off, sources, 0, first);
    return true;
  }

  private void add(int edge, double siemens, double[] at, double[] between) {
    if (fromStep[edge] != NONE) {
      at[fromStep[edge]] += siemens;
    }
    if (toStep[edge] != NONE) {
      at[toStep[edge]] += siemens;
    }
    if (place[edge] != NONE) {
      between[place[edge]] -= siemens;
    }
  }

  private boolean newton(Law[] laws) {
    sum(laws, volts, true);
    findMoves();
    move(1, volts);
    sum(laws, volts, false);
    for (int step = 0; step < Network.MOST_STEPS; step++) {
      findMoves();
      boolean isStill = largest(moves) <= Network.STILL_VOLTS;
      double before = squared(sums);
      double share = 1;
      do {
        move(share, tried);
        sum(laws, tried, false);
        share /= 2;
      } while (!isStill && !(squared(sums) < before) && share >= Network.SMALLEST_STEP);
      System.arraycopy(tried, first, volts, first, size - first);
      if (isStill && largest(sums) <= Network.TOLERANCE_AMPS) {
        return true;
      }
    }
    return largest(sums) <= Network.TOLERANCE_AMPS;
  }

  private void move(double share, double[] to) {
    for (int i = first; i < size; i++) {
      to[i] = volts[i] + share * moves[i];
    }
  }

  /** What leaves each node that is kept, A, and the slope of each bent branch, S. */
  private void sum(Law[] laws, double[] at, boolean isGuess) {
    for (int step = first; step < size; step++) {
      sums[step] = diagonal[step] * at[step] - sources[step];
    }
    for (int step = first; step < size; step++) {
      int end = elimination.columnStart(step + 1);
      for (int i = elimination.columnStart(step); i < end; i++) {
        int row = elimination.row(i);
        sums[step] += off[i] * at[row];
        sums[row] += off[i] * at[step];
      }
    }
    for (int i = bent.nextSetBit(0); i >= 0; i = bent.nextSetBit(i + 1)) {
      double atFrom = fromStep[i] == NONE ? 0 : at[fromStep[i]];
      double atTo = toStep[i] == NONE ? 0 : at[toStep[i]];
      if (isGuess) {
        laws[i].firstGuess(atFrom - atTo, flow);
      } else {
        laws[i].flow(atFrom - atTo, flow);
      }
      slopes[i] = flow[1];
      if (fromStep[i] != NONE) {
        sums[fromStep[i]] += flow[0];
      }
      if (toStep[i] != NONE) {
        sums[toStep[i]] -= flow[0];
      }
    }
  }

  private void findMoves() {
    int start = elimination.columnStart(first);
    System.arraycopy(diagonal, first, slopesAt, first, size - first);
    System.arraycopy(off, start, slopesOff, start, off.length - start);
    for (int i = bent.nextSetBit(0); i >= 0; i = bent.nextSetBit(i + 1)) {
      add(i, slopes[i], slopesAt, slopesOff);
    }
    for (int step = first; step < size; step++) {
      moves[step] = -sums[step];
    }
    elimination.factor(slopesAt, slopesOff, first, size);
    elimination.forward(slopesOff, moves, first, size);
    elimination.backward(slopesAt, slopesOff, moves, first, size);
  }

  private double largest(double[] values) {
    double largest = 0;
    for (int step = first; step < size; step++) {
      largest = Math.max(largest, Math.abs(values[step]));
    }
    return largest;
  }

  private double squared(double[] values) {
    double sum = 0;
    for (int step = first; step < size; step++) {
      sum += values[step] * values[step];
    }
    return sum;
  }
}
