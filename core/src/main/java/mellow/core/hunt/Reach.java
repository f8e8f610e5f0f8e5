package mellow.core.hunt;

import java.util.Optional;
import mellow.core.vehicle.Site;

/** What stands before a place on the vehicle, and what it takes to open it once. Judged. */
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

  /** What has to be opened for a place; empty where nothing has. */
  static Optional<Reach> of(Site site) {
    return switch (site) {
      case BATTERY, ENGINE_BOX, BODY_BOLT -> Optional.of(BONNET);
      case DASH_BOX, DASH, STEERING_COLUMN, BODY_COMPUTER -> Optional.of(CABIN);
      case LEFT_LAMPS, RIGHT_LAMPS, LEFT_GROUND, RIGHT_GROUND -> Optional.of(LAMPS);
      case LOOM -> Optional.of(Reach.LOOM);
      case BOOT -> Optional.empty();
    };
  }
}
