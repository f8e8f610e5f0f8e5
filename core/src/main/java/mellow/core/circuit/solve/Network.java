package mellow.core.circuit.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Law;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;

/**
 * A circuit made ready for solving: Newton's method on Kirchhoff's law of currents at every node,
 * at first at those of lamps and diodes alone ({@link KronReduction}), where that fails at all of
 * them.
 *
 * <p>A step that does not bring the sums nearer to zero is halved. That can lead astray: a driver
 * that holds its power takes less current the higher the voltage, and Newton's method follows it up
 * without end. Then the circuit is relaxed from all dark instead, as if every node had a
 * capacitance: it moves as the circuit itself would, to a point that is stable.
 */
final class Network {
  /** What may be left over at a node, A. */
  static final double TOLERANCE_AMPS = 5e-10;

  /** A node that hangs in the air takes no current worth the name: it has to stand still, too. */
  static final double STILL_VOLTS = 1e-6;

  /** From every node to ground, so that one which hangs in the air has a voltage. */
  static final double LEAK_SIEMENS = 1e-12;

  static final int MOST_STEPS = 60;
  static final double SMALLEST_STEP = 1.0 / 4096;
  private static final int MOST_RELAXED = 2000;

  /** No node moves farther at once while relaxing: less than a driver takes to start. */
  private static final double LONGEST_MOVE_VOLTS = 0.25;

  /** What holds a node back at first while relaxing, and at most, S. */
  private static final double HELD_SIEMENS = 1;

  private static final double MOST_HELD_SIEMENS = 1e4;

  private static final Situation USUAL = new Situation(Controls.OFF, Map.of(), Set.of());

  private static final int AT_GROUND = -1;
  private static final int NONE = -1;

  /** A part's branch between two nodes by their numbers. */
  record Edge(Part part, int branch, int from, int to) {}

  /** From every node to ground, S. */
  private final double leak;

  private final Wiring wiring;

  /** Nodes that circuits like it do not have, numbered behind those that they do. */
  private final Map<String, Integer> own = new HashMap<>();

  private final Edge[] edges;
  private final Elimination elimination;
  private final KronReduction reduction;

  // by edge: its nodes, and where its slope goes in the matrix; -1 for ground or none
  private final int[] from;
  private final int[] to;
  private final int[] fromPlace;
  private final int[] toPlace;
  private final int[] place;

  // filled anew at each step, so that nothing is made in the loop; a network is one thread's
  private final double[] flow = new double[2];
  private final double[] slopes;
  private final double[] sums;
  private final double[] moves;
  private final double[] tried;
  private final double[] diagonal;
  private final double[] off;

  /**
   * A circuit's network.
   *
   * @param wiring of circuits like it
   * @param leak from every node to ground, S; at least {@link #LEAK_SIEMENS}
   */
  Network(Circuit circuit, Wiring wiring, double leak) {
    this.leak = leak;
    this.wiring = wiring;
    List<Edge> found = new ArrayList<>();
    for (Part part : circuit.parts()) {
      List<Branch> branches = part.branches();
      for (int i = 0; i < branches.size(); i++) {
        Branch branch = branches.get(i);
        found.add(new Edge(part, i, numbered(branch.from()), numbered(branch.to())));
      }
    }
    edges = found.toArray(Edge[]::new);
    BitSet bent = bent();
    elimination = wiring.elimination(size(), pairs(), endsOf(bent));
    from = new int[edges.length];
    to = new int[edges.length];
    place = new int[edges.length];
    fromPlace = new int[edges.length];
    toPlace = new int[edges.length];
    for (int i = 0; i < edges.length; i++) {
      Edge edge = edges[i];
      from[i] = edge.from();
      to[i] = edge.to();
      place[i] = couples(edge) ? elimination.placeOf(edge.from(), edge.to()) : NONE;
      fromPlace[i] = diagonalOf(edge, edge.from());
      toPlace[i] = diagonalOf(edge, edge.to());
    }
    reduction = new KronReduction(elimination, leak, bent, fromPlace, toPlace, place);
    slopes = new double[edges.length];
    sums = new double[size()];
    moves = new double[size()];
    tried = new double[size()];
    diagonal = new double[size()];
    off = new double[elimination.places()];
  }

  private int numbered(String node) {
    if (node.equals(Circuit.GROUND)) {
      return AT_GROUND;
    }
    int shared = wiring.number(node);
    return shared >= 0 ? shared : own.computeIfAbsent(node, fresh -> size());
  }

  /** The two nodes of each edge that couples any, one pair after the other. */
  private int[] pairs() {
    int[] pairs = new int[2 * edges.length];
    int n = 0;
    for (Edge edge : edges) {
      if (couples(edge)) {
        pairs[n++] = edge.from();
        pairs[n++] = edge.to();
      }
    }
    return Arrays.copyOf(pairs, n);
  }

  /** The edges that are lamps or diodes. */
  private BitSet bent() {
    BitSet bent = new BitSet();
    for (int i = 0; i < edges.length; i++) {
      bent.set(i, !edges[i].part().law(edges[i].branch(), USUAL).isStraight());
    }
    return bent;
  }

  private BitSet endsOf(BitSet bent) {
    BitSet ends = new BitSet();
    bent.stream()
        .flatMap(i -> IntStream.of(edges[i].from(), edges[i].to()))
        .filter(node -> node >= 0)
        .forEach(ends::set);
    return ends;
  }

  private static boolean couples(Edge edge) {
    return edge.from() >= 0 && edge.to() >= 0 && edge.from() != edge.to();
  }

  private int diagonalOf(Edge edge, int node) {
    return node < 0 || edge.from() == edge.to() ? NONE : elimination.diagonalOf(node);
  }

  /** How many nodes there are but ground. */
  int size() {
    return wiring.size() + own.size();
  }

  /** The number of a node but ground; -1 for what the circuit does not have. */
  int number(String node) {
    int shared = wiring.number(node);
    return shared >= 0 ? shared : own.getOrDefault(node, NONE);
  }

  Edge edge(int number) {
    return edges[number];
  }

  Law[] laws(Situation now) {
    Law[] laws = new Law[edges.length];
    for (int i = 0; i < laws.length; i++) {
      Edge edge = edges[i];
      laws[i] = edge.part().law(edge.branch(), now);
    }
    return laws;
  }

  /**
   * Finds the voltages at which the currents of every node add up to nothing.
   *
   * @param start a guess by node; as many as there are nodes
   */
  Settled settle(Law[] laws, double[] start) {
    double[] volts = start.clone();
    if (settleReduced(laws, volts) || newton(laws, volts)) {
      return new Settled(volts, true);
    }
    Arrays.fill(volts, 0);
    relax(laws, volts);
    return new Settled(volts, newton(laws, volts));
  }

  /** Whether the currents add up at all nodes once they do at those of lamps and diodes. */
  boolean settleReduced(Law[] laws, double[] volts) {
    for (int node = 0; node < volts.length; node++) {
      tried[elimination.diagonalOf(node)] = volts[node];
    }
    if (!reduction.settle(laws, tried)) {
      return false;
    }
    for (int node = 0; node < volts.length; node++) {
      volts[node] = tried[elimination.diagonalOf(node)];
    }
    sum(laws, volts);
    return largest(sums) <= TOLERANCE_AMPS;
  }

  /**
   * Moves the voltages towards where they would come to rest by themselves: Newton's step, held
   * back by a conductance at every node that gives way while all goes well and stiffens where it
   * does not.
   */
  private void relax(Law[] laws, double[] volts) {
    double held = HELD_SIEMENS;
    sum(laws, volts);
    for (int step = 0; step < MOST_RELAXED && largest(sums) > TOLERANCE_AMPS; step++) {
      findMoves(held);
      double share = Math.min(1, LONGEST_MOVE_VOLTS / largest(moves));
      for (int i = 0; i < volts.length; i++) {
        volts[i] += share * moves[i];
      }
      double before = squared(sums);
      sum(laws, volts);
      held =
          squared(sums) < before ? Math.max(leak, held / 2) : Math.min(MOST_HELD_SIEMENS, held * 4);
    }
  }

  /** Voltages by node, and whether the currents add up there. */
  record Settled(double[] volts, boolean converged) {}

  private boolean newton(Law[] laws, double[] volts) {
    sum(laws, volts);
    for (int step = 0; step < MOST_STEPS; step++) {
      findMoves(leak);
      if (largest(sums) <= TOLERANCE_AMPS && largest(moves) <= STILL_VOLTS) {
        return true;
      }
      double before = squared(sums);
      double share = 1;
      do {
        for (int i = 0; i < tried.length; i++) {
          tried[i] = volts[i] + share * moves[i];
        }
        sum(laws, tried);
        share /= 2;
      } while (!(squared(sums) < before) && share >= SMALLEST_STEP);
      System.arraycopy(tried, 0, volts, 0, volts.length);
    }
    return largest(sums) <= TOLERANCE_AMPS;
  }

  /** Adds up what leaves each node in all, A, and finds the slope of each branch on the way, S. */
  private void sum(Law[] laws, double[] volts) {
    for (int i = 0; i < sums.length; i++) {
      sums[i] = leak * volts[i];
    }
    for (int i = 0; i < laws.length; i++) {
      double atFrom = from[i] < 0 ? 0 : volts[from[i]];
      double atTo = to[i] < 0 ? 0 : volts[to[i]];
      laws[i].flow(atFrom - atTo, flow);
      slopes[i] = flow[1];
      if (from[i] >= 0) {
        sums[from[i]] += flow[0];
      }
      if (to[i] >= 0) {
        sums[to[i]] -= flow[0];
      }
    }
  }

  static double across(Edge edge, double[] volts) {
    return (edge.from() < 0 ? 0 : volts[edge.from()]) - (edge.to() < 0 ? 0 : volts[edge.to()]);
  }

  /**
   * Newton's step from where the currents were added up last: the change of voltages after which
   * the sums would vanish, were all straight.
   *
   * @param held from every node to where it is now, S
   */
  private void findMoves(double held) {
    Arrays.fill(diagonal, held);
    Arrays.fill(off, 0);
    for (int i = 0; i < slopes.length; i++) {
      double siemens = slopes[i];
      if (fromPlace[i] >= 0) {
        diagonal[fromPlace[i]] += siemens;
      }
      if (toPlace[i] >= 0) {
        diagonal[toPlace[i]] += siemens;
      }
      if (place[i] >= 0) {
        off[place[i]] -= siemens;
      }
    }
    for (int i = 0; i < sums.length; i++) {
      moves[i] = -sums[i];
    }
    elimination.solve(diagonal, off, moves);
  }

  private static double largest(double[] values) {
    double largest = 0;
    for (double value : values) {
      largest = Math.max(largest, Math.abs(value));
    }
    return largest;
  }

  private static double squared(double[] values) {
    double sum = 0;
    for (double value : values) {
      sum += value * value;
    }
    return sum;
  }
}
