package mellow.core.fault;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Part;

/** Gathers faults, and has the changes of a circuit that most of them are. */
final class FaultsOfOne {
  private final double[] ohms;
  private final List<Fault> faults = new ArrayList<>();

  /**
   * None yet.
   *
   * @param ohms each resistance that a bad contact may have, Ω
   */
  FaultsOfOne(double[] ohms) {
    this.ohms = ohms;
  }

  List<Fault> all() {
    return List.copyOf(faults);
  }

  void add(Fault fault) {
    faults.add(fault);
  }

  /** Nothing of it is joined to anything. */
  void unplugged(Part part) {
    faults.add(SingleFaults.unplugged(part));
  }

  /** Its terminals, pushed back and corroded. */
  void pins(Part part, IntPredicate which) {
    IntStream.range(0, part.terminals().size())
        .filter(which)
        .forEach(
            terminal -> {
              open(part, FaultKind.PIN_OPEN, terminal);
              resists(part, FaultKind.PIN_CORRODED, terminal);
            });
  }

  /** Another part of the same name stands in its place. */
  void change(Part part, FaultKind kind, int place, Part instead) {
    faults.add(new Fault(part.id(), kind, place, 0, List.of(instead), List.of()));
  }

  /** Two of its terminals are joined to each other's nodes. */
  void swapped(Part part, int place, int one, int other) {
    List<String> nodes = new ArrayList<>(part.terminals());
    if (!nodes.get(one).isEmpty()
        && !nodes.get(other).isEmpty()
        && !nodes.get(one).equals(nodes.get(other))) {
      Collections.swap(nodes, one, other);
      change(part, FaultKind.PINS_SWAPPED, place, part.at(nodes));
    }
  }

  /**
   * A lamp that gives a share of its light.
   *
   * @param instead what draws its current now
   */
  void weaker(Emitter lamp, FaultKind kind, Emitter instead, double share) {
    faults.add(
        new Fault(lamp.id(), kind, 0, 0, List.of(instead), List.of(), Map.of(lamp.id(), share)));
  }

  /** A bridge beside it. */
  void beside(Part part, FaultKind kind, int place, String from, String to) {
    Part bridge = Joining.Joint.good(part.id() + " bridged " + place, from, to);
    faults.add(new Fault(part.id(), kind, place, 0, List.of(), List.of(bridge)));
  }

  void open(Part part, FaultKind kind, int terminal) {
    faults.add(at(part, kind, terminal, 0, false));
  }

  void resists(Part part, FaultKind kind, int terminal) {
    for (double resistance : ohms) {
      faults.add(at(part, kind, terminal, resistance, true));
    }
  }

  /** A joint between a terminal and what it is joined to: bad, or come apart. */
  static Fault at(Part part, FaultKind kind, int terminal, double ohms, boolean sound) {
    List<String> nodes = new ArrayList<>(part.terminals());
    String outside = nodes.get(terminal);
    String inside = part.id() + " inside " + terminal;
    nodes.set(terminal, inside);
    return new Fault(
        part.id(),
        kind,
        terminal,
        ohms,
        List.of(part.at(nodes)),
        List.of(new Joining.Joint(joint(part.id(), terminal), outside, inside, ohms, sound)));
  }

  /** How the joint between a terminal and what it is joined to is called. */
  static String joint(String part, int terminal) {
    return part + " joint " + terminal;
  }
}
