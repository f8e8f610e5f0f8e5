package mellow.core.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Load;
import mellow.core.circuit.Part;

/** What may be wrong with lamps, alone and with the lamp beside them. */
final class LampFaults {
  /**
   * What an aged lamp, and one with dark chips, gives. Judged: below half the eye calls it weak.
   */
  private static final double FAINT = 0.4;

  /** Bulbs of so many times another's wattage are told apart by eye: 5 and 21 W. */
  private static final double OTHER_WATTS = 4;

  /** From here on a bulb is one of the large ones, W. */
  private static final double LARGE_WATTS = 15;

  /** Water in a plug: across its pins, and in the way at its plus, Ω. Judged. */
  private static final double LEAK_OHMS = 100;

  private static final double WET_OHMS = 3;

  private final FaultsOfOne faults;

  LampFaults(FaultsOfOne faults) {
    this.faults = faults;
  }

  void addOf(Emitter lamp) {
    faults.open(lamp, FaultKind.LAMP_DEAD, 0);
    faults.unplugged(lamp);
    faults.pins(lamp, terminal -> true);
    faults.add(wet(lamp));
    if (lamp instanceof Emitter.Bulb bulb) {
      faults.weaker(bulb, FaultKind.AGED, bulb, FAINT);
      double times = bulb.ratedWatts() >= LARGE_WATTS ? 1 / OTHER_WATTS : OTHER_WATTS;
      faults.weaker(bulb, FaultKind.WRONG_WATTAGE, with(bulb, bulb.ratedWatts() * times), times);
    } else if (lamp instanceof Emitter.Discharge burner) {
      faults.weaker(burner, FaultKind.AGED, burner, FAINT);
      faults.change(burner, FaultKind.BALLAST_SLOW, 0, burner);
    } else if (lamp instanceof Emitter.DrivenLed led) {
      faults.weaker(led, FaultKind.SOME_CHIPS, fewer(led), FAINT);
    } else if (lamp instanceof Emitter.BareLed led) {
      faults.weaker(led, FaultKind.SOME_CHIPS, led, FAINT);
    }
    if (SingleFaults.isPolarised(lamp)) {
      faults.change(lamp, FaultKind.REVERSED, 0, lamp.at(List.of(lamp.minus(), lamp.plus())));
    }
  }

  private static Emitter.Bulb with(Emitter.Bulb bulb, double watts) {
    return new Emitter.Bulb(
        bulb.id(), bulb.use(), bulb.plus(), bulb.minus(), bulb.ratedVolts(), watts);
  }

  private static Emitter.DrivenLed fewer(Emitter.DrivenLed led) {
    return new Emitter.DrivenLed(
        led.id(), led.use(), led.plus(), led.minus(), led.watts() * FAINT, led.leastVolts());
  }

  private static Fault wet(Emitter lamp) {
    Fault corroded = FaultsOfOne.at(lamp, FaultKind.WET, 0, WET_OHMS, true);
    List<Part> added = new ArrayList<>(corroded.added());
    added.add(new Load(lamp.id() + " water", lamp.plus(), lamp.minus(), LEAK_OHMS, 1));
    return new Fault(lamp.id(), FaultKind.WET, 0, WET_OHMS, corroded.changed(), added);
  }

  /** Lamps of one side: pins of the plug that they share, bulbs in each other's sockets. */
  void addOfNeighbours(Circuit circuit) {
    List<Emitter> lamps = circuit.of(Emitter.class).toList();
    for (int i = 0; i < lamps.size(); i++) {
      for (Emitter other : lamps.subList(i + 1, lamps.size())) {
        Emitter one = lamps.get(i);
        if (one.use().side() == other.use().side()) {
          inOnePlug(one, other);
          if (one instanceof Emitter.Bulb bulb && other instanceof Emitter.Bulb beside) {
            inWrongSockets(bulb, beside);
          }
        }
      }
    }
  }

  /** By the function of the lamp beside it: the same on both sides. */
  private static int place(Emitter beside) {
    return beside.use().function().ordinal();
  }

  private void inOnePlug(Emitter one, Emitter other) {
    if (one.minus().equals(other.minus()) && !one.plus().equals(other.plus())) {
      faults.add(
          new Fault(
              one.id(),
              FaultKind.PINS_SWAPPED,
              place(other),
              0,
              List.of(
                  one.at(List.of(other.plus(), one.minus())),
                  other.at(List.of(one.plus(), other.minus()))),
              List.of()));
    }
  }

  private void inWrongSockets(Emitter.Bulb one, Emitter.Bulb other) {
    double times = other.ratedWatts() / one.ratedWatts();
    if (times >= OTHER_WATTS || times <= 1 / OTHER_WATTS) {
      faults.add(
          new Fault(
              one.id(),
              FaultKind.WRONG_SOCKET,
              place(other),
              0,
              List.of(with(one, other.ratedWatts()), with(other, one.ratedWatts())),
              List.of(),
              Map.of(one.id(), times, other.id(), 1 / times)));
    }
  }
}
