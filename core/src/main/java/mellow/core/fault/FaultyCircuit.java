package mellow.core.fault;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.circuit.solve.Wiring;

/**
 * A circuit with its faults as it is found: fuses that they blow are gone, and a node that hangs in
 * the air reads nothing, for the meter itself pulls it down.
 */
final class FaultyCircuit {
  /** A digital meter's own resistance. Common practice. */
  private static final double METER_OHMS = 10e6;

  /** A blade fuse opens within seconds at twice its rating: ISO 8820-3 (from memory). */
  private static final double BLOWS_AT = 2;

  private final Circuit circuit;
  private final Model model;
  private final List<Solution> solutions;

  /** By state and node, once they were asked for. */
  private final double[][] volts;

  private final Set<String> blown = new TreeSet<>();

  /** By lamp and state, once they were asked for. */
  private final Look[] looks;

  /** Lamps that give another share of their light than their voltage says. */
  private final Map<String, Double> light = new HashMap<>();

  /** Lamps that come on after a few tries. */
  private final Set<String> slow = new HashSet<>();

  private FaultyCircuit(
      Circuit circuit, Model model, List<Fault> faults, List<Solution> solutions) {
    this.circuit = circuit;
    this.model = model;
    this.solutions = solutions;
    this.volts = new double[solutions.size()][];
    this.looks = new Look[model.places().size() * solutions.size()];
    for (Fault fault : faults) {
      light.putAll(fault.light());
      if (fault.kind() == FaultKind.BALLAST_SLOW) {
        slow.add(fault.part());
      }
    }
    for (Part part : circuit.parts()) {
      if (part instanceof Joining.Guard fuse && fuse.blown()) {
        blown.add(fuse.id());
      }
    }
  }

  /**
   * Solves a circuit with faults in all states. A fuse that blows in one of them is gone in all.
   *
   * @param healthy without a fault
   */
  static FaultyCircuit of(Circuit healthy, List<Fault> faults, List<Controls> states) {
    return of(Model.of(healthy), faults, Set.of(), states);
  }

  /**
   * A circuit without a fault, and what all with a fault share with it.
   *
   * @param places of its parts, by id; with a fault each has the same, before what is added
   */
  record Model(Circuit healthy, Wiring wiring, Map<String, Integer> places) {
    static Model of(Circuit healthy) {
      Map<String, Integer> places = new HashMap<>();
      healthy.parts().forEach(part -> places.put(part.id(), places.size()));
      return new Model(healthy, Wiring.of(healthy), places);
    }
  }

  /**
   * The same where fuses blew before.
   *
   * @param blown their ids
   */
  static FaultyCircuit of(
      Model model, List<Fault> faults, Set<String> blown, List<Controls> states) {
    Circuit circuit = with(model.healthy(), faults, blown);
    while (true) {
      List<Solution> solutions = Solver.metered(circuit, model.wiring(), METER_OHMS).inTurn(states);
      List<Joining.Guard> gone = blowing(circuit, solutions);
      if (gone.isEmpty()) {
        return new FaultyCircuit(circuit, model, faults, solutions);
      }
      for (Joining.Guard fuse : gone) {
        circuit = circuit.with(fuse.blow());
      }
    }
  }

  /** A circuit with faults, and with fuses that blew before. */
  static Circuit with(Circuit healthy, List<Fault> faults, Set<String> blown) {
    Circuit circuit = healthy;
    for (Fault fault : faults) {
      circuit = fault.in(circuit);
    }
    for (String fuse : blown) {
      circuit = circuit.with(((Joining.Guard) circuit.part(fuse).orElseThrow()).blow());
    }
    return circuit;
  }

  /** All nodes but ground. */
  static Set<String> nodes(Circuit circuit) {
    Set<String> nodes = new LinkedHashSet<>();
    for (Part part : circuit.parts()) {
      for (Branch branch : part.branches()) {
        nodes.add(branch.from());
        nodes.add(branch.to());
      }
    }
    nodes.remove(Circuit.GROUND);
    return nodes;
  }

  private static List<Joining.Guard> blowing(Circuit circuit, List<Solution> solutions) {
    List<Joining.Guard> gone = new ArrayList<>();
    for (Part part : circuit.parts()) {
      if (part instanceof Joining.Guard fuse && !fuse.blown() && blows(fuse, solutions)) {
        gone.add(fuse);
      }
    }
    return gone;
  }

  private static boolean blows(Joining.Guard fuse, List<Solution> solutions) {
    for (Solution solution : solutions) {
      if (solution.effective(point -> point.amps(fuse)) > BLOWS_AT * fuse.ratedAmps()) {
        return true;
      }
    }
    return false;
  }

  /** How many states were solved. */
  int states() {
    return solutions.size();
  }

  private Part part(String id) {
    return circuit.parts().get(place(id));
  }

  private int place(String id) {
    Integer place = model.places().get(id);
    if (place == null) {
      throw new IllegalArgumentException("the circuit has no “%s”".formatted(id));
    }
    return place;
  }

  /** How a lamp looks in a state. */
  Look look(int state, String lamp) {
    int place = place(lamp) * solutions.size() + state;
    Look known = looks[place];
    if (known == null) {
      known = Look.of((Emitter) part(lamp), solutions.get(state), light.getOrDefault(lamp, 1.0));
      if (known == Look.LIT && slow.contains(lamp)) {
        known = Look.AFTER_TRIES;
      }
      looks[place] = known;
    }
    return known;
  }

  /** What a meter shows between two nodes in a state, on the average, V. */
  double volts(int state, String from, String to) {
    if (volts[state] == null) {
      volts[state] = solutions.get(state).voltsLit();
    }
    return at(state, from) - at(state, to);
  }

  private double at(int state, String node) {
    int number = model.wiring().number(node);
    if (number >= 0) {
      return volts[state][number];
    }
    if (node.equals(Circuit.GROUND)) {
      return 0;
    }
    throw new IllegalArgumentException("no node is called “%s”".formatted(node));
  }

  /** What a clamp shows around a part's first branch in a state, on the average, A. */
  double amps(int state, String part) {
    Part one = part(part);
    return Math.abs(solutions.get(state).averageLit(point -> point.amps(one, 0)));
  }

  /** What a part turns into heat in a state, its own joints with it, on the average, W. */
  double watts(int state, String part) {
    double watts = watts(state, part(part));
    String joint = part + " joint ";
    for (Part added : circuit.parts().subList(model.places().size(), circuit.parts().size())) {
      if (added.id().startsWith(joint)) {
        watts += watts(state, added);
      }
    }
    return watts;
  }

  private double watts(int state, Part part) {
    List<Branch> branches = part.branches();
    double watts = 0;
    for (int i = 0; i < branches.size(); i++) {
      int branch = i;
      Branch between = branches.get(i);
      watts +=
          solutions
              .get(state)
              .averageLit(
                  point ->
                      Math.abs(
                          point.amps(part, branch) * point.between(between.from(), between.to())));
    }
    return watts;
  }

  /** Whether a relay has pulled in. */
  boolean isIn(int state, String relay) {
    return solutions.get(state).states().getOrDefault(relay, 0) > 0;
  }

  /** The fuses that are blown. */
  Set<String> blown() {
    return blown;
  }

  /** Whether a fuse is found blown. */
  boolean isBlown(String fuse) {
    return blown.contains(fuse);
  }
}
