package mellow.core.hunt;

import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;

/** Where a part is, and what it takes to get there once. Judged. */
public enum Reach {
  /** Fuses, relays, battery: the bonnet is opened. */
  BONNET(1),
  /** Switches and modules behind the dash. */
  CABIN(6),
  /** Lamps and their plugs: a bumper or a liner comes off. */
  LAMPS(25),
  /** Wires inside a wrapped loom. */
  LOOM(10);

  private final double minutes;

  Reach(double minutes) {
    this.minutes = minutes;
  }

  /** Minutes until the place is open. */
  public double minutes() {
    return minutes;
  }

  static Reach of(Part part) {
    if (part instanceof Emitter) {
      return LAMPS;
    } else if (part instanceof Switch
        || part instanceof Moving && !(part instanceof Moving.Relay)) {
      return CABIN;
    } else if (part instanceof Joining.Guard
        || part instanceof Moving.Relay
        || part instanceof Supply) {
      return BONNET;
    }
    return part instanceof Joining.Wire ? LOOM : LAMPS;
  }
}
