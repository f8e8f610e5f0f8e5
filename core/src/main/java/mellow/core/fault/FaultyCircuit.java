package mellow.core.fault;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;

/**
 * A circuit with its faults as it is found: fuses that they blow are gone, and a node that hangs in
 * the air reads nothing, for the meter itself pulls it down.
 *
 * @param circuit with the faults, and the fuses that blew in one of the states
 * @param solutions one for each state, in their order
 */
record FaultyCircuit(Circuit circuit, List<Solution> solutions) {
  /** A digital meter's own resistance. Common practice. */
  private static final double METER_OHMS = 10e6;

  /** A blade fuse opens within seconds at twice its rating: ISO 8820-3 (from memory). */
  private static final double BLOWS_AT = 2;

  private static final double NO_WATTS = 0.01;

  FaultyCircuit {
    solutions = List.copyOf(solutions);
  }

  /**
   * Solves a circuit with faults in all states. A fuse that blows in one of them is gone in all.
   *
   * @param healthy without a fault
   */
  static FaultyCircuit of(Circuit healthy, List<Fault> faults, List<Controls> states) {
    Circuit circuit = healthy;
    for (Fault fault : faults) {
      circuit = fault.in(circuit);
    }
    while (true) {
      List<Solution> solutions = new Solver(metered(circuit)).inTurn(states);
      List<Joining.Guard> gone = blowing(circuit, solutions);
      if (gone.isEmpty()) {
        return new FaultyCircuit(circuit, solutions);
      }
      for (Joining.Guard fuse : gone) {
        circuit = circuit.with(fuse.blow());
      }
    }
  }

  /** A meter's resistance from every node to ground. */
  private static Circuit metered(Circuit circuit) {
    List<Part> parts = new ArrayList<>(circuit.parts());
    for (String node : nodes(circuit)) {
      parts.add(new Load("meter at " + node, node, Circuit.GROUND, METER_OHMS, NO_WATTS));
    }
    return new Circuit(parts);
  }

  /** All nodes but ground. */
  static Set<String> nodes(Circuit circuit) {
    return circuit.parts().stream()
        .flatMap(part -> part.branches().stream())
        .flatMap(FaultyCircuit::ends)
        .filter(node -> !node.equals(Circuit.GROUND))
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  private static Stream<String> ends(Branch branch) {
    return Stream.of(branch.from(), branch.to());
  }

  private static List<Joining.Guard> blowing(Circuit circuit, List<Solution> solutions) {
    return circuit
        .of(Joining.Guard.class)
        .filter(fuse -> !fuse.blown())
        .filter(
            fuse ->
                solutions.stream()
                    .anyMatch(
                        solution ->
                            solution.effective(point -> point.amps(fuse))
                                > BLOWS_AT * fuse.ratedAmps()))
        .toList();
  }

  /** How a lamp looks in a state. */
  Look look(int state, String lamp) {
    return Look.of((Emitter) circuit.part(lamp).orElseThrow(), solutions.get(state));
  }

  /** What a meter shows between two nodes in a state, on the average, V. */
  double volts(int state, String from, String to) {
    return solutions.get(state).averageLit(point -> point.between(from, to));
  }

  /** Whether a fuse is found blown. */
  boolean isBlown(String fuse) {
    return ((Joining.Guard) circuit.part(fuse).orElseThrow()).blown();
  }
}
