package mellow.core.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;
import mellow.core.circuit.Supply;
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solver;

/** A circuit with faults and the battery off, measured by a meter that drives a little current. */
final class PoweredOff {
  /** Too little to open a diode or to start a driver. Common practice. */
  private static final double METER_VOLTS = 0.3;

  private static final double METER_OHMS = 1000;
  private static final String METER = "ohmmeter";

  /** What was ground, when the black probe is somewhere else. */
  private static final String BODY = "body under the black probe";

  private final Circuit circuit;

  /**
   * A circuit without its supplies.
   *
   * @param blown ids of the fuses that are gone
   */
  PoweredOff(Circuit healthy, List<Fault> faults, Set<String> blown) {
    Circuit faulty = FaultyCircuit.with(healthy, faults, blown);
    circuit =
        new Circuit(faulty.parts().stream().filter(part -> !(part instanceof Supply)).toList());
  }

  /** What the meter shows from its red probe to its black one, Ω, at most what is open. */
  double ohms(Controls controls, String red, String black) {
    List<Part> parts = new ArrayList<>();
    for (Part part : circuit.parts()) {
      parts.add(part.at(part.terminals().stream().map(node -> seenFrom(node, black)).toList()));
    }
    String at = seenFrom(red, black);
    parts.add(new Supply.Battery(METER, at, METER_VOLTS, METER_VOLTS, METER_OHMS));
    Solver solver = new Solver(new Circuit(parts));
    Point point = solver.starting(solver.solve(controls), Situation.Start.COLD);
    double volts = point.at(at);
    double amps = (METER_VOLTS - volts) / METER_OHMS;
    return amps <= METER_VOLTS / Check.Resistance.MOST_OHMS / 2
        ? Check.Resistance.MOST_OHMS
        : Math.min(Check.Resistance.MOST_OHMS, volts / amps);
  }

  /** A supply's minus is the ground of a solved circuit: the black probe takes its place. */
  private static String seenFrom(String node, String black) {
    if (black.equals(Circuit.GROUND)) {
      return node;
    }
    return node.equals(black) ? Circuit.GROUND : node.equals(Circuit.GROUND) ? BODY : node;
  }
}
