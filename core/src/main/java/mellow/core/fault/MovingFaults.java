package mellow.core.fault;

import java.util.List;
import java.util.stream.IntStream;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Pulsed;

/** What may be wrong with relays, modules and what is pulsed. */
final class MovingFaults {
  /** An output that dims what it should feed fully. Judged. */
  private static final double PULSED = 0.3;

  /** A module that waits for more than an alternator gives. Judged. */
  private static final double TOO_HIGH_VOLTS = 3;

  // places among the terminals of a relay and of a running-lamp module
  private static final int P86 = 0;
  private static final int P85 = 1;
  private static final int P30 = 2;
  private static final int P87 = 3;
  private static final int RUN = 2;
  private static final int SIDE = 3;

  private final FaultsOfOne faults;

  MovingFaults(FaultsOfOne faults) {
    this.faults = faults;
  }

  void addOf(Moving module) {
    int last = module.terminals().size();
    if (module instanceof Moving.Relay relay) {
      addOf(relay);
    } else if (module instanceof Moving.BodyOutput output) {
      faults.change(output, FaultKind.NOT_CONFIGURED, 0, told(output, false, output.duty()));
      faults.change(
          output,
          FaultKind.SET_WRONG,
          0,
          told(output, output.configured(), output.duty() == 1 ? PULSED : 1));
      faults.open(output, FaultKind.OUTPUT_DEAD, 1);
      faults.pins(output, terminal -> terminal == 0);
    } else if (module instanceof Moving.RunningLampModule one) {
      faults.change(
          one,
          FaultKind.SET_WRONG,
          0,
          new Moving.RunningLampModule(
              one.id(), one.pins(), one.runVolts() + TOO_HIGH_VOLTS, one.reducedDuty()));
      faults.swapped(one, 0, RUN, SIDE);
      faults.open(module, FaultKind.OUTPUT_DEAD, last - 1);
      faults.pins(module, terminal -> terminal < last - 1);
    } else {
      IntStream.range(2, last)
          .forEach(output -> faults.open(module, FaultKind.OUTPUT_DEAD, output));
      faults.pins(module, terminal -> terminal < 2);
    }
  }

  private static Moving.BodyOutput told(Moving.BodyOutput output, boolean configured, double duty) {
    return new Moving.BodyOutput(
        output.id(),
        output.supply(),
        output.out(),
        output.commanded(),
        configured,
        duty,
        output.leastAmps());
  }

  private void addOf(Moving.Relay relay) {
    Moving.Relay.Pins pins = relay.pins();
    faults.unplugged(relay);
    faults.open(relay, FaultKind.COIL_OPEN, 0);
    faults.change(relay, FaultKind.CONTACT_DEAD, 0, relay.kill());
    faults.resists(relay, FaultKind.CONTACT_WORN, 2);
    if (!pins.p87().isEmpty()) {
      faults.beside(relay, FaultKind.CONTACT_WELDED, 0, pins.p30(), pins.p87());
      faults.change(
          relay,
          FaultKind.TURNED,
          0,
          relay.at(List.of(pins.p30(), pins.p87(), pins.p86(), pins.p85(), pins.p87a())));
    }
    faults.pins(relay, terminal -> terminal != 0 && !relay.terminals().get(terminal).isEmpty());
    faults.swapped(relay, 0, P86, P30);
    faults.swapped(relay, 1, P85, P87);
    if (!pins.p87a().isEmpty()) {
      faults.change(relay, FaultKind.WRONG_RELAY, 0, makeOnly(relay));
    }
  }

  /** A relay that only makes: its 87 meets what the socket has there, if anything. */
  private static Moving.Relay makeOnly(Moving.Relay relay) {
    Moving.Relay.Pins pins = relay.pins();
    String p87 = pins.p87().isEmpty() ? relay.id() + " 87 without a wire" : pins.p87();
    return relay.at(List.of(pins.p86(), pins.p85(), pins.p30(), p87, ""));
  }

  void addOf(Pulsed pulsed) {
    faults.open(pulsed, FaultKind.OUTPUT_DEAD, 1);
    faults.beside(pulsed, FaultKind.CONTACT_WELDED, 0, pulsed.from(), pulsed.to());
    faults.pins(pulsed, terminal -> terminal == 0);
  }
}
