package mellow.core.circuit.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Law;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;

/**
 * A circuit made ready for solving: Newton's method on Kirchhoff's law of currents at every node.
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
  private static final double STILL_VOLTS = 1e-6;

  /** From every node to ground, so that one which hangs in the air has a voltage. */
  static final double LEAK_SIEMENS = 1e-12;

  private static final int MOST_STEPS = 60;
  private static final double SMALLEST_STEP = 1.0 / 4096;
  private static final int MOST_RELAXED = 2000;

  /** No node moves farther at once while relaxing: less than a driver takes to start. */
  private static final double LONGEST_MOVE_VOLTS = 0.25;

  /** What holds a node back at first while relaxing, and at most, S. */
  private static final double HELD_SIEMENS = 1;

  private static final double MOST_HELD_SIEMENS = 1e4;

  private static final int AT_GROUND = -1;

  /** A part's branch between two nodes by their numbers. */
  record Edge(Part part, int branch, int from, int to) {}

  private final Map<String, Integer> nodes = new LinkedHashMap<>();
  private final List<Edge> edges = new ArrayList<>();
  private final Elimination elimination;
  private final int[] place;

  Network(Circuit circuit) {
    for (Part part : circuit.parts()) {
      List<Branch> branches = part.branches();
      for (int i = 0; i < branches.size(); i++) {
        Branch branch = branches.get(i);
        edges.add(new Edge(part, i, number(branch.from()), number(branch.to())));
      }
    }
    elimination =
        new Elimination(
            nodes.size(),
            edges.stream()
                .filter(Network::couples)
                .map(edge -> new int[] {edge.from(), edge.to()})
                .toList());
    place =
        edges.stream()
            .mapToInt(edge -> couples(edge) ? elimination.placeOf(edge.from(), edge.to()) : -1)
            .toArray();
  }

  private int number(String node) {
    return node.equals(Circuit.GROUND)
        ? AT_GROUND
        : nodes.computeIfAbsent(node, fresh -> nodes.size());
  }

  private static boolean couples(Edge edge) {
    return edge.from() >= 0 && edge.to() >= 0 && edge.from() != edge.to();
  }

  Map<String, Integer> nodes() {
    return nodes;
  }

  List<Edge> edges() {
    return edges;
  }

  Law[] laws(Situation now) {
    Law[] laws = new Law[edges.size()];
    for (int i = 0; i < laws.length; i++) {
      Edge edge = edges.get(i);
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
    if (newton(laws, volts)) {
      return new Settled(volts, true);
    }
    Arrays.fill(volts, 0);
    relax(laws, volts);
    return new Settled(volts, newton(laws, volts));
  }

  /**
   * Moves the voltages towards where they would come to rest by themselves: Newton's step, held
   * back by a conductance at every node that gives way while all goes well and stiffens where it
   * does not.
   */
  private void relax(Law[] laws, double[] volts) {
    double held = HELD_SIEMENS;
    double[] sums = sums(laws, volts);
    for (int step = 0; step < MOST_RELAXED && largest(sums) > TOLERANCE_AMPS; step++) {
      double[] move = move(laws, volts, sums, held);
      double share = Math.min(1, LONGEST_MOVE_VOLTS / largest(move));
      for (int i = 0; i < volts.length; i++) {
        volts[i] += share * move[i];
      }
      double before = squared(sums);
      sums = sums(laws, volts);
      held =
          squared(sums) < before
              ? Math.max(LEAK_SIEMENS, held / 2)
              : Math.min(MOST_HELD_SIEMENS, held * 4);
    }
  }

  /** Voltages by node, and whether the currents add up there. */
  record Settled(double[] volts, boolean converged) {}

  private boolean newton(Law[] laws, double[] volts) {
    double[] sums = sums(laws, volts);
    for (int step = 0; step < MOST_STEPS; step++) {
      double[] move = move(laws, volts, sums, LEAK_SIEMENS);
      if (largest(sums) <= TOLERANCE_AMPS && largest(move) <= STILL_VOLTS) {
        return true;
      }
      double before = squared(sums);
      double share = 1;
      double[] tried;
      do {
        tried = volts.clone();
        for (int i = 0; i < tried.length; i++) {
          tried[i] += share * move[i];
        }
        sums = sums(laws, tried);
        share /= 2;
      } while (!(squared(sums) < before) && share >= SMALLEST_STEP);
      System.arraycopy(tried, 0, volts, 0, volts.length);
    }
    return largest(sums) <= TOLERANCE_AMPS;
  }

  /** What leaves each node in all, A. */
  private double[] sums(Law[] laws, double[] volts) {
    double[] sums = new double[volts.length];
    for (int i = 0; i < volts.length; i++) {
      sums[i] = LEAK_SIEMENS * volts[i];
    }
    for (int i = 0; i < laws.length; i++) {
      Edge edge = edges.get(i);
      double amps = laws[i].current(across(edge, volts));
      if (edge.from() >= 0) {
        sums[edge.from()] += amps;
      }
      if (edge.to() >= 0) {
        sums[edge.to()] -= amps;
      }
    }
    return sums;
  }

  static double across(Edge edge, double[] volts) {
    return (edge.from() < 0 ? 0 : volts[edge.from()]) - (edge.to() < 0 ? 0 : volts[edge.to()]);
  }

  /**
   * Newton's step: the change of voltages after which the sums would vanish, were all straight.
   *
   * @param held from every node to where it is now, S
   */
  private double[] move(Law[] laws, double[] volts, double[] sums, double held) {
    double[] diagonal = new double[volts.length];
    double[] off = new double[elimination.places()];
    Arrays.fill(diagonal, held);
    for (int i = 0; i < laws.length; i++) {
      Edge edge = edges.get(i);
      if (edge.from() == edge.to()) {
        continue;
      }
      double siemens = laws[i].slope(across(edge, volts));
      if (edge.from() >= 0) {
        diagonal[elimination.diagonalOf(edge.from())] += siemens;
      }
      if (edge.to() >= 0) {
        diagonal[elimination.diagonalOf(edge.to())] += siemens;
      }
      if (place[i] >= 0) {
        off[place[i]] -= siemens;
      }
    }
    double[] move = new double[sums.length];
    for (int i = 0; i < sums.length; i++) {
      move[i] = -sums[i];
    }
    elimination.solve(diagonal, off, move);
    return move;
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
