package mellow.core.fault;

import java.util.List;

/**
 * What can be wrong with a part, and how often that is so beside the other kinds. The weights are
 * judged: lamps and grounds fail most, then what is plugged and fused, wires least.
 */
public enum FaultKind {
  /** A filament, a driver or a ballast gives nothing: no current flows in it. */
  LAMP_DEAD(12),
  /** A lamp gives less than half of its light: a blackened bulb, a burner at its end. */
  AGED(2),
  /** Some chips of a lamp of diodes are dark. */
  SOME_CHIPS(2),
  /** A bulb of another wattage. */
  WRONG_WATTAGE(1),
  /** A bulb sits in its neighbour's socket, and that one here. */
  WRONG_SOCKET(0.5),
  /** A ballast strikes after a few tries. */
  BALLAST_SLOW(2),
  /** A polarised lamp or a diode was joined the wrong way round. */
  REVERSED(4),
  /** Two pins of a plug or a socket are exchanged. */
  PINS_SWAPPED(0.7),
  /** Water in a plug: it leaks across, and its pins resist. */
  WET(1),
  /** A plug was left out, or is not home. */
  PLUG_OUT(3),
  /** Nothing flows between a terminal and what it is plugged into: pushed back, off or broken. */
  PIN_OPEN(2),
  /** A terminal is corroded: some Ω between it and what it is plugged into. */
  PIN_CORRODED(1.5),
  /** A ground that is loose or rusted through. */
  GROUND_OPEN(5),
  /** A ground that is rusted: some Ω. */
  GROUND_CORRODED(7),
  WIRE_OPEN(1.5),
  /** A wire whose strands are broken or green: some Ω. */
  WIRE_RESISTS(0.7),
  /** A wire is chafed through and touches the body. */
  CHAFED_TO_GROUND(1),
  /** A wire is chafed through and touches one beside it. */
  CHAFED_TO_WIRE(0.4),
  FUSE_BLOWN(6),
  /** A fuse sits in a slot beside its own. */
  WRONG_SLOT(0.7),
  /** A fuse sits in corroded clips: some Ω. */
  FUSE_CORRODED(1.5),
  COIL_OPEN(1.5),
  /** The contact stays closed, whatever the coil does. */
  CONTACT_WELDED(1.5),
  /** The contact does not close any more. */
  CONTACT_DEAD(2),
  /** The contact is burnt: some Ω. */
  CONTACT_WORN(1.5),
  /** The relay sits in its socket turned by half a turn. */
  TURNED(0.5),
  /** A relay that only makes stands where one that changes over belongs. */
  WRONG_RELAY(0.7),
  SWITCH_DEAD(2),
  /** The switch stays closed. */
  SWITCH_STUCK(0.7),
  /** The body computer was not told of the function. */
  NOT_CONFIGURED(2),
  /** A module is set for another kind of lamp or vehicle. */
  SET_WRONG(1),
  /** An output of a module gives nothing. */
  OUTPUT_DEAD(1.5),
  /** A resistor is missing, loose or burnt through. */
  RESISTOR_OPEN(2),
  /** A diode is burnt through: it lets nothing pass. */
  DIODE_OPEN(1),
  /** A diode lets current pass both ways. */
  DIODE_SHORTED(0.5),
  /** A battery that is low and gives way under load. */
  BATTERY_WEAK(2);

  private final double weight;

  FaultKind(double weight) {
    this.weight = weight;
  }

  /** Whether it is at one terminal of its part: {@link Fault#place} tells which. */
  public boolean isAtATerminal() {
    return this == PIN_OPEN
        || this == PIN_CORRODED
        || this == GROUND_OPEN
        || this == GROUND_CORRODED;
  }

  /** Whether it can be seen or measured at the part by itself, also while it is not there. */
  boolean leavesATrace() {
    return this != NOT_CONFIGURED && this != SET_WRONG && this != PLUG_OUT;
  }

  /** Whether it may be there at one time and not at another. */
  boolean mayWander() {
    return !conditions().isEmpty();
  }

  /**
   * Under what it may be there, where it comes and goes: contacts do, and what is nearly dead.
   * Judged.
   */
  List<Condition> conditions() {
    return switch (this) {
      case LAMP_DEAD -> List.of(Condition.ANY, Condition.WARM, Condition.COLD);
      case COIL_OPEN, CONTACT_DEAD, OUTPUT_DEAD -> List.of(Condition.ANY, Condition.WARM);
      case PIN_OPEN, GROUND_OPEN, WIRE_OPEN -> List.of(Condition.ANY, Condition.ENGINE);
      case PIN_CORRODED -> List.of(Condition.ANY, Condition.WET);
      case WET -> List.of(Condition.WET);
      case SWITCH_DEAD -> List.of(Condition.ANY);
      default -> List.of();
    };
  }

  /** How often it is met, beside the others. */
  double weight() {
    return weight;
  }
}
