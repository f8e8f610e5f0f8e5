package mellow.core.circuit.solve;

import java.util.Arrays;
import java.util.BitSet;
import java.util.stream.IntStream;
import mellow.core.circuit.Law;

/**
 * A network reduced to the nodes at the ends of some branches, as those of lamps and diodes: where
 * all other branches are straight, the nodes between them are eliminated once for a position of the
 * contacts (Kron's reduction), and Newton's method on Kirchhoff's law of currents goes over those
 * that are kept. Nothing is made in its loops; it is one thread's.
 *
 * <p>A step that does not bring the sums nearer to zero is halved.
 */
final class KronReduction {
  private static final int MOST_STEPS = 60;
  private static final double SMALLEST_STEP = 1.0 / 4096;

  /** A node that hangs in the air takes no current worth the name: it has to stand still, too. */
  private static final double STILL_VOLTS = 1e-6;

  private static final int MOST_RELAXED = 2000;

  /** No node moves farther at once while relaxing: less than a driver takes to start. */
  private static final double LONGEST_MOVE_VOLTS = 0.25;

  /** What holds a node back at first while relaxing, and at most, S. */
  private static final double HELD_SIEMENS = 1;

  private static final double MOST_HELD_SIEMENS = 1e4;

  private static final int NONE = -1;

  private final Elimination elimination;
  private final double leak;

  /** The first step of a node that is kept, and the step behind the last. */
  private final int first;

  private final int size;

  /** Edges whose law may be bent. */
  private final int[] bent;

  /** The other edges. */
  private final int[] straight;

  // by edge: the steps of its nodes, and where its slope goes; -1 for ground or none
  private final int[] fromStep;
  private final int[] toStep;
  private final int[] place;

  // by step: what the straight branches let flow, with what was eliminated of it
  private final double[] diagonal;
  private final double[] off;
  private final double[] sources;

  // by edge: what flows at no voltage where it is straight, else at the voltages summed last
  private final double[] amps;
  private final double[] slopes;

  // by step: Newton's method
  private final double[] volts;
  private final double[] tried;
  private final double[] sums;
  private final double[] moves;
  private final double[] slopesAt;
  private final double[] slopesOff;
  private final double[] flow = new double[2];

  /**
   * For a network.
   *
   * @param wiring of circuits like it
   * @param size number of its nodes
   * @param bent edges whose law may be bent; the nodes at their ends are kept
   * @param leak from every node to ground, S
   */
  KronReduction(Wiring wiring, int size, Network.Edge[] edges, BitSet bent, double leak) {
    this.size = size;
    this.leak = leak;
    this.bent = bent.stream().toArray();
    this.straight = IntStream.range(0, edges.length).filter(i -> !bent.get(i)).toArray();
    BitSet kept = new BitSet();
    bent.stream()
        .flatMap(i -> IntStream.of(edges[i].from(), edges[i].to()))
        .filter(node -> node >= 0)
        .forEach(kept::set);
    elimination = wiring.elimination(size, pairs(edges), kept);
    fromStep = new int[edges.length];
    toStep = new int[edges.length];
    place = new int[edges.length];
    for (int i = 0; i < edges.length; i++) {
      Network.Edge edge = edges[i];
      place[i] = edge.couples() ? elimination.placeOf(edge.from(), edge.to()) : NONE;
      fromStep[i] = stepOf(edge, edge.from());
      toStep[i] = stepOf(edge, edge.to());
    }
    first = size - kept.cardinality();
    diagonal = new double[size];
    off = new double[elimination.places()];
    sources = new double[size];
    volts = new double[size];
    tried = new double[size];
    sums = new double[size];
    moves = new double[size];
    slopesAt = new double[size];
    slopesOff = new double[off.length];
    amps = new double[edges.length];
    slopes = new double[edges.length];
  }

  /** The two nodes of each edge that couples any, one pair after the other. */
  private static int[] pairs(Network.Edge[] edges) {
    return Arrays.stream(edges)
        .filter(Network.Edge::couples)
        .flatMapToInt(edge -> IntStream.of(edge.from(), edge.to()))
        .toArray();
  }

  private int stepOf(Network.Edge edge, int node) {
    return node < 0 || edge.from() == edge.to() ? NONE : elimination.diagonalOf(node);
  }

  /**
   * Newton's method, wherever it starts from: its first step goes by what lamps are at their
   * rating.
   *
   * @param at voltages by node; become the solution, if there is one
   * @return whether voltages were found at which the currents add up
   */
  boolean settle(Law[] laws, double[] at) {
    if (!begin(laws, at)) {
      return false;
    }
    sum(laws, volts, true);
    findMoves(0);
    move(1, volts);
    return find(laws, at);
  }

  /** The same from voltages that are near. */
  boolean settleNear(Law[] laws, double[] at) {
    return begin(laws, at) && find(laws, at);
  }

  private boolean find(Law[] laws, double[] at) {
    if (!newton(laws)) {
      return false;
    }
    end(at);
    // where nothing was eliminated, Newton's method saw every node
    return first == 0 || addsUp();
  }

  /**
   * Whether the currents add up at all nodes, once they do at those that are kept: the bent edges
   * carry what they did when those were summed last.
   */
  private boolean addsUp() {
    for (int step = 0; step < size; step++) {
      sums[step] = leak * volts[step];
    }
    for (int i : straight) {
      leaves(i, amps[i] + slopes[i] * across(i, volts), sums);
    }
    for (int i : bent) {
      leaves(i, amps[i], sums);
    }
    for (double sum : sums) {
      if (!(Math.abs(sum) <= Network.TOLERANCE_AMPS)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Moves the voltages from all dark towards where they would come to rest by themselves: Newton's
   * step, held back by a conductance at every node that gives way while all goes well and stiffens
   * where it does not.
   *
   * @param at becomes the voltages by node
   */
  void relax(Law[] laws, double[] at) {
    Arrays.fill(at, 0);
    if (!begin(laws, at)) {
      return;
    }
    double held = HELD_SIEMENS;
    sum(laws, volts, false);
    for (int step = 0; step < MOST_RELAXED && largest(sums) > Network.TOLERANCE_AMPS; step++) {
      findMoves(held);
      move(Math.min(1, LONGEST_MOVE_VOLTS / largest(moves)), volts);
      double before = squared(sums);
      sum(laws, volts, false);
      held =
          squared(sums) < before ? Math.max(leak, held / 2) : Math.min(MOST_HELD_SIEMENS, held * 4);
    }
    end(at);
  }

  private boolean begin(Law[] laws, double[] at) {
    for (int node = 0; node < size; node++) {
      volts[elimination.diagonalOf(node)] = at[node];
    }
    return reduce(laws);
  }

  private void end(double[] at) {
    System.arraycopy(sources, 0, volts, 0, first);
    elimination.backward(diagonal, off, volts, 0, first);
    for (int node = 0; node < size; node++) {
      at[node] = volts[elimination.diagonalOf(node)];
    }
  }

  /** Eliminates what is straight; false where an edge is bent that should not be. */
  private boolean reduce(Law[] laws) {
    Arrays.fill(diagonal, leak);
    Arrays.fill(off, 0);
    Arrays.fill(sources, 0);
    for (int i : straight) {
      if (!laws[i].isStraight()) {
        return false;
      }
      laws[i].flow(0, flow);
      amps[i] = flow[0];
      slopes[i] = flow[1];
      add(i, flow[1], diagonal, off);
      leaves(i, -flow[0], sources);
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

  private double across(int edge, double[] at) {
    return (fromStep[edge] == NONE ? 0 : at[fromStep[edge]])
        - (toStep[edge] == NONE ? 0 : at[toStep[edge]]);
  }

  /** What flows through an edge leaves one node and enters the other. */
  private void leaves(int edge, double current, double[] at) {
    if (fromStep[edge] != NONE) {
      at[fromStep[edge]] += current;
    }
    if (toStep[edge] != NONE) {
      at[toStep[edge]] -= current;
    }
  }

  private boolean newton(Law[] laws) {
    sum(laws, volts, false);
    for (int step = 0; step < MOST_STEPS; step++) {
      findMoves(0);
      boolean isStill = largest(moves) <= STILL_VOLTS;
      double before = squared(sums);
      double share = 1;
      do {
        move(share, tried);
        sum(laws, tried, false);
        share /= 2;
      } while (!isStill && !(squared(sums) < before) && share >= SMALLEST_STEP);
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
    for (int i : bent) {
      if (isGuess) {
        laws[i].firstGuess(across(i, at), flow);
      } else {
        laws[i].flow(across(i, at), flow);
      }
      amps[i] = flow[0];
      slopes[i] = flow[1];
      leaves(i, flow[0], sums);
    }
  }

  /**
   * Newton's step from where the currents were added up last: the change of voltages after which
   * the sums would vanish, were all straight.
   *
   * @param held from every node to where it is now, S
   */
  private void findMoves(double held) {
    int start = elimination.columnStart(first);
    for (int step = first; step < size; step++) {
      slopesAt[step] = diagonal[step] + held;
    }
    System.arraycopy(off, start, slopesOff, start, off.length - start);
    for (int i : bent) {
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
