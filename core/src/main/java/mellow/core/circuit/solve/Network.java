package mellow.core.circuit.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Law;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;

/**
 * A circuit made ready for solving: Newton's method at the nodes of lamps and diodes ({@link
 * KronReduction}), where that fails at all of them.
 *
 * <p>A driver that holds its power takes less current the higher the voltage, and Newton's method
 * follows it up without end. Then the circuit is relaxed from all dark instead, as if every node
 * had a capacitance: it moves as the circuit itself would, to a point that is stable.
 */
final class Network {
  /** What may be left over at a node, A. */
  static final double TOLERANCE_AMPS = 5e-10;

  /** From every node to ground, so that one which hangs in the air has a voltage. */
  static final double LEAK_SIEMENS = 1e-12;

  private static final Situation USUAL = new Situation(Controls.OFF, Map.of(), Set.of());

  private static final int AT_GROUND = -1;
  private static final int NONE = -1;

  /** A part's branch between two nodes by their numbers. */
  record Edge(Part part, int branch, int from, int to) {
    /** Whether it joins two nodes but ground. */
    boolean couples() {
      return from >= 0 && to >= 0 && from != to;
    }
  }

  /** From every node to ground, S. */
  private final double leak;

  private final Wiring wiring;

  /** Nodes that circuits like it do not have, numbered behind those that they do. */
  private final Map<String, Integer> own = new HashMap<>();

  private final Edge[] edges;
  private final KronReduction lamps;

  /** Nothing reduced; made once it is needed. */
  private Optional<KronReduction> whole = Optional.empty();

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
    lamps = new KronReduction(wiring, size(), edges, bent(), leak);
  }

  private int numbered(String node) {
    if (node.equals(Circuit.GROUND)) {
      return AT_GROUND;
    }
    int shared = wiring.number(node);
    return shared >= 0 ? shared : own.computeIfAbsent(node, fresh -> size());
  }

  /** The edges that are lamps or diodes. */
  private BitSet bent() {
    BitSet bent = new BitSet();
    for (int i = 0; i < edges.length; i++) {
      bent.set(i, !edges[i].part().law(edges[i].branch(), USUAL).isStraight());
    }
    return bent;
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
    if (settleReduced(laws, volts) || whole().settleNear(laws, volts)) {
      return new Settled(volts, true);
    }
    whole().relax(laws, volts);
    return new Settled(volts, whole().settleNear(laws, volts));
  }

  /** Whether the currents add up at all nodes once they do at those of lamps and diodes. */
  boolean settleReduced(Law[] laws, double[] volts) {
    return lamps.settle(laws, volts);
  }

  private KronReduction whole() {
    if (whole.isEmpty()) {
      BitSet all = new BitSet();
      all.set(0, edges.length);
      whole = Optional.of(new KronReduction(wiring, size(), edges, all, leak));
    }
    return whole.get();
  }

  /** Voltages by node, and whether the currents add up there. */
  record Settled(double[] volts, boolean converged) {}

  static double across(Edge edge, double[] volts) {
    return (edge.from() < 0 ? 0 : volts[edge.from()]) - (edge.to() < 0 ? 0 : volts[edge.to()]);
  }
}
