package mellow.core.fault;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Diode;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;
import mellow.core.vehicle.Side;

/** Every fault that a circuit may have by itself. */
public final class SingleFaults {
  /** Resistances of a bad contact that are told apart: a little, and a lot. Common practice. */
  private static final double[] OHMS = {1, 12};

  /** A wire that touches the body. */
  private static final double CHAFED_OHMS = 0.05;

  private static final double WEAK_VOLTS = 10.5;
  private static final double WEAK_OHMS = 0.15;

  /** Bolts of the body: what goes there is a ground. */
  private final Set<String> grounds;

  private final Circuit circuit;
  private final FaultsOfOne faults;
  private final LampFaults lamps;
  private final MovingFaults moving;

  private SingleFaults(Circuit circuit, double[] ohms) {
    this.circuit = circuit;
    this.grounds = grounds(circuit);
    this.faults = new FaultsOfOne(ohms);
    this.lamps = new LampFaults(faults);
    this.moving = new MovingFaults(faults);
  }

  /** The faults of all parts, in the order of the circuit. */
  public static List<Fault> of(Circuit circuit) {
    return of(circuit, OHMS);
  }

  /**
   * The same with bad contacts of other resistances.
   *
   * @param ohms each of them, Ω
   */
  public static List<Fault> of(Circuit circuit, double... ohms) {
    SingleFaults faults = new SingleFaults(circuit, ohms);
    circuit.parts().forEach(faults::addOf);
    faults.lamps.addOfNeighbours(circuit);
    return faults.faults.all();
  }

  private static Set<String> grounds(Circuit circuit) {
    Set<String> grounds = new HashSet<>(Set.of(Circuit.GROUND));
    circuit
        .of(Joining.Joint.class)
        .filter(strap -> strap.to().equals(Circuit.GROUND))
        .forEach(strap -> grounds.add(strap.from()));
    return grounds;
  }

  private void addOf(Part part) {
    if (part instanceof Emitter lamp) {
      lamps.addOf(lamp);
    } else if (part instanceof Joining joining) {
      addOf(joining);
    } else if (part instanceof Pulsed pulsed) {
      moving.addOf(pulsed);
    } else if (part instanceof Load load) {
      faults.open(load, FaultKind.RESISTOR_OPEN, 0);
    } else if (part instanceof Diode diode) {
      addOf(diode);
    } else if (part instanceof Switch contacts) {
      addOf(contacts);
    } else if (part instanceof Moving one) {
      moving.addOf(one);
    } else if (part instanceof Supply.Battery battery) {
      Supply.Battery weak =
          new Supply.Battery(
              battery.id(), battery.plus(), WEAK_VOLTS, battery.crankingVolts(), WEAK_OHMS);
      faults.add(
          new Fault(battery.id(), FaultKind.BATTERY_WEAK, 0, WEAK_OHMS, List.of(weak), List.of()));
    }
  }

  private void addOf(Joining joining) {
    if (joining instanceof Joining.Guard fuse) {
      faults.change(fuse, FaultKind.FUSE_BLOWN, 0, fuse.blow());
      faults.resists(fuse, FaultKind.FUSE_CORRODED, 0);
      inWrongSlot(fuse);
    } else if (joining instanceof Joining.Joint
        && (grounds.contains(joining.from()) || grounds.contains(joining.to()))) {
      grounded(joining, 0);
    } else if (joining instanceof Joining.Wire wire) {
      if (grounds.contains(wire.to())) {
        grounded(wire, 1);
      }
      faults.open(wire, FaultKind.WIRE_OPEN, 0);
      faults.resists(wire, FaultKind.WIRE_RESISTS, 0);
      chafedToGround(wire);
      chafedToNeighbours(wire);
    } else {
      faults.open(joining, FaultKind.PIN_OPEN, 0);
      faults.resists(joining, FaultKind.PIN_CORRODED, 0);
    }
  }

  /** What the slot beside it is fed by; an empty one where no other is known. */
  private void inWrongSlot(Joining.Guard fuse) {
    circuit
        .of(Joining.Guard.class)
        .map(Joining::from)
        .filter(feed -> !feed.equals(fuse.from()) && !feed.equals(fuse.to()))
        .findFirst()
        .ifPresentOrElse(
            feed -> faults.change(fuse, FaultKind.WRONG_SLOT, 0, fuse.at(List.of(feed, fuse.to()))),
            () -> faults.open(fuse, FaultKind.WRONG_SLOT, 0));
  }

  /** What goes to ground anyway does no harm where it touches it. */
  private void chafedToGround(Joining.Wire wire) {
    boolean isGround =
        circuit
            .of(Joining.Joint.class)
            .anyMatch(bolt -> bolt.from().equals(wire.to()) && grounds.contains(bolt.to()));
    if (!isGround && !grounds.contains(wire.to())) {
      Part touches =
          new Joining.Joint(wire.id() + " chafed", wire.to(), Circuit.GROUND, CHAFED_OHMS, true);
      faults.add(
          new Fault(
              wire.id(), FaultKind.CHAFED_TO_GROUND, 0, CHAFED_OHMS, List.of(), List.of(touches)));
    }
  }

  /** Wires that run to the lamps of one side lie in one loom. */
  private void chafedToNeighbours(Joining.Wire wire) {
    List<Joining.Wire> wires = circuit.of(Joining.Wire.class).toList();
    for (Joining.Wire other : wires.subList(wires.indexOf(wire) + 1, wires.size())) {
      boolean together = sides(wire).stream().anyMatch(sides(other)::contains);
      if (together && !other.to().equals(wire.to())) {
        Part touches =
            new Joining.Joint(wire.id() + " chafed", wire.to(), other.to(), CHAFED_OHMS, true);
        faults.add(
            new Fault(
                wire.id(), FaultKind.CHAFED_TO_WIRE, 0, CHAFED_OHMS, List.of(), List.of(touches)));
      }
    }
  }

  private Set<Side> sides(Joining.Wire wire) {
    return circuit
        .of(Emitter.class)
        .filter(lamp -> lamp.plus().equals(wire.to()))
        .map(lamp -> lamp.use().side())
        .collect(Collectors.toSet());
  }

  private void addOf(Diode diode) {
    faults.open(diode, FaultKind.DIODE_OPEN, 0);
    faults.beside(diode, FaultKind.DIODE_SHORTED, 0, diode.anode(), diode.cathode());
    faults.change(diode, FaultKind.REVERSED, 0, diode.at(List.of(diode.cathode(), diode.anode())));
  }

  private void grounded(Joining joining, int terminal) {
    faults.open(joining, FaultKind.GROUND_OPEN, terminal);
    faults.resists(joining, FaultKind.GROUND_CORRODED, terminal);
  }

  private void addOf(Switch contacts) {
    List<Switch.Contact> all = contacts.contacts();
    if (all.size() > 1) {
      faults.unplugged(contacts);
    }
    for (int i = 0; i < all.size(); i++) {
      faults.open(contacts, FaultKind.SWITCH_DEAD, 2 * i);
      if (!all.get(i).closed().equals(When.ALWAYS)) {
        faults.beside(contacts, FaultKind.SWITCH_STUCK, i, all.get(i).from(), all.get(i).to());
      }
    }
  }

  /** Nothing of it is joined to anything. */
  static Fault unplugged(Part part) {
    List<String> nodes = new ArrayList<>(part.terminals());
    nodes.replaceAll(node -> node.isEmpty() ? node : part.id() + " unplugged " + node);
    return new Fault(part.id(), FaultKind.PLUG_OUT, 0, 0, List.of(part.at(nodes)), List.of());
  }

  static boolean isPolarised(Emitter lamp) {
    return !(lamp instanceof Emitter.Bulb) && !(lamp instanceof Emitter.Shutter);
  }
}
