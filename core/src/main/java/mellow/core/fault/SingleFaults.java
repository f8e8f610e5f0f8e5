package mellow.core.fault;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls.When;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;

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

  private final double[] ohms;
  private final List<Fault> faults = new ArrayList<>();

  private SingleFaults(Set<String> grounds, double[] ohms) {
    this.grounds = grounds;
    this.ohms = ohms;
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
    SingleFaults faults = new SingleFaults(grounds(circuit), ohms);
    circuit.parts().forEach(faults::addOf);
    return List.copyOf(faults.faults);
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
      addOf(lamp);
    } else if (part instanceof Joining joining) {
      addOf(joining);
    } else if (part instanceof Moving.Relay relay) {
      addOf(relay);
    } else if (part instanceof Switch contacts) {
      addOf(contacts);
    } else if (part instanceof Moving module) {
      addOf(module);
    } else if (part instanceof Supply.Battery battery) {
      Supply.Battery weak =
          new Supply.Battery(
              battery.id(), battery.plus(), WEAK_VOLTS, battery.crankingVolts(), WEAK_OHMS);
      faults.add(
          new Fault(battery.id(), FaultKind.BATTERY_WEAK, 0, WEAK_OHMS, List.of(weak), List.of()));
    }
  }

  private void addOf(Emitter lamp) {
    open(lamp, FaultKind.LAMP_DEAD, 0);
    faults.add(unplugged(lamp));
    pins(lamp, terminal -> true);
    if (isPolarised(lamp)) {
      change(lamp, FaultKind.REVERSED, 0, lamp.at(List.of(lamp.minus(), lamp.plus())));
    }
  }

  private void addOf(Joining joining) {
    if (joining instanceof Joining.Guard fuse) {
      change(fuse, FaultKind.FUSE_BLOWN, 0, fuse.blow());
      resists(fuse, FaultKind.FUSE_CORRODED, 0);
    } else if (joining instanceof Joining.Joint
        && (grounds.contains(joining.from()) || grounds.contains(joining.to()))) {
      grounded(joining, 0);
    } else if (joining instanceof Joining.Wire wire) {
      if (grounds.contains(wire.to())) {
        grounded(wire, 1);
      }
      open(wire, FaultKind.WIRE_OPEN, 0);
      resists(wire, FaultKind.WIRE_RESISTS, 0);
      Part touches =
          new Joining.Joint(wire.id() + " chafed", wire.to(), Circuit.GROUND, CHAFED_OHMS, true);
      faults.add(
          new Fault(
              wire.id(), FaultKind.CHAFED_TO_GROUND, 0, CHAFED_OHMS, List.of(), List.of(touches)));
    } else {
      open(joining, FaultKind.PIN_OPEN, 0);
      resists(joining, FaultKind.PIN_CORRODED, 0);
    }
  }

  private void grounded(Joining joining, int terminal) {
    open(joining, FaultKind.GROUND_OPEN, terminal);
    resists(joining, FaultKind.GROUND_CORRODED, terminal);
  }

  private void addOf(Moving.Relay relay) {
    Moving.Relay.Pins pins = relay.pins();
    faults.add(unplugged(relay));
    open(relay, FaultKind.COIL_OPEN, 0);
    change(relay, FaultKind.CONTACT_DEAD, 0, relay.kill());
    resists(relay, FaultKind.CONTACT_WORN, 2);
    if (!pins.p87().isEmpty()) {
      beside(relay, FaultKind.CONTACT_WELDED, 0, pins.p30(), pins.p87());
      change(
          relay,
          FaultKind.TURNED,
          0,
          relay.at(List.of(pins.p30(), pins.p87(), pins.p86(), pins.p85(), pins.p87a())));
    }
    pins(relay, terminal -> terminal != 0 && !relay.terminals().get(terminal).isEmpty());
  }

  private void addOf(Switch contacts) {
    List<Switch.Contact> all = contacts.contacts();
    if (all.size() > 1) {
      faults.add(unplugged(contacts));
    }
    for (int i = 0; i < all.size(); i++) {
      open(contacts, FaultKind.SWITCH_DEAD, 2 * i);
      if (!all.get(i).closed().equals(When.ALWAYS)) {
        beside(contacts, FaultKind.SWITCH_STUCK, i, all.get(i).from(), all.get(i).to());
      }
    }
  }

  private void addOf(Moving module) {
    int last = module.terminals().size();
    if (module instanceof Moving.BodyOutput output) {
      change(
          output,
          FaultKind.NOT_CONFIGURED,
          0,
          new Moving.BodyOutput(
              output.id(),
              output.supply(),
              output.out(),
              output.commanded(),
              false,
              output.duty(),
              output.leastAmps()));
      open(output, FaultKind.OUTPUT_DEAD, 1);
      pins(output, terminal -> terminal == 0);
    } else if (module instanceof Moving.RunningLampModule) {
      open(module, FaultKind.OUTPUT_DEAD, last - 1);
      pins(module, terminal -> terminal < last - 1);
    } else {
      IntStream.range(2, last).forEach(output -> open(module, FaultKind.OUTPUT_DEAD, output));
      pins(module, terminal -> terminal < 2);
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

  private void pins(Part part, IntPredicate which) {
    IntStream.range(0, part.terminals().size())
        .filter(which)
        .forEach(
            terminal -> {
              open(part, FaultKind.PIN_OPEN, terminal);
              resists(part, FaultKind.PIN_CORRODED, terminal);
            });
  }

  private void change(Part part, FaultKind kind, int place, Part instead) {
    faults.add(new Fault(part.id(), kind, place, 0, List.of(instead), List.of()));
  }

  private void beside(Part part, FaultKind kind, int place, String from, String to) {
    Part bridge = Joining.Joint.good(part.id() + " bridged " + place, from, to);
    faults.add(new Fault(part.id(), kind, place, 0, List.of(), List.of(bridge)));
  }

  private void open(Part part, FaultKind kind, int terminal) {
    faults.add(at(part, kind, terminal, 0, false));
  }

  private void resists(Part part, FaultKind kind, int terminal) {
    for (double resistance : ohms) {
      faults.add(at(part, kind, terminal, resistance, true));
    }
  }

  /** A joint between a terminal and what it is joined to: bad, or come apart. */
  private static Fault at(Part part, FaultKind kind, int terminal, double ohms, boolean sound) {
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
        List.of(new Joining.Joint(part.id() + " joint " + terminal, outside, inside, ohms, sound)));
  }
}
