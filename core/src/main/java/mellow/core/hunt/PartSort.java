package mellow.core.hunt;

import mellow.core.circuit.Circuit;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Joining;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Pulsed;
import mellow.core.circuit.Supply;
import mellow.core.circuit.Switch;

/** What sort of part failed: what is counted over a shop's searches. */
public enum PartSort {
  LAMP,
  GROUND,
  WIRE,
  CONNECTOR,
  FUSE,
  RELAY,
  SWITCH,
  MODULE,
  BATTERY,
  OTHER;

  /** The sort of a part of a circuit; of one that it does not have, {@link #OTHER}. */
  public static PartSort of(Circuit circuit, String id) {
    return circuit.part(id).map(PartSort::of).orElse(OTHER);
  }

  private static PartSort of(Part part) {
    if (part instanceof Emitter) {
      return LAMP;
    } else if (part instanceof Joining joining) {
      return of(joining);
    } else if (part instanceof Moving.Relay) {
      return RELAY;
    } else if (part instanceof Switch) {
      return SWITCH;
    } else if (part instanceof Moving || part instanceof Pulsed) {
      return MODULE;
    }
    return part instanceof Supply ? BATTERY : OTHER;
  }

  private static PartSort of(Joining joining) {
    if (joining instanceof Joining.Guard) {
      return FUSE;
    } else if (joining instanceof Joining.Wire) {
      return WIRE;
    }
    return joining.from().equals(Circuit.GROUND) || joining.to().equals(Circuit.GROUND)
        ? GROUND
        : CONNECTOR;
  }
}
