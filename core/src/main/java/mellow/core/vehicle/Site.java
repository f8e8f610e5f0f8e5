package mellow.core.vehicle;

/** A place on the vehicle where something electrical sits, as a technician looks for it. */
public enum Site {
  LEFT_LAMPS,
  RIGHT_LAMPS,
  /** The body bolt that takes the grounds of the lamps on that side. */
  LEFT_GROUND,
  RIGHT_GROUND,
  BATTERY,
  /** The box of fuses and relays under the bonnet. */
  ENGINE_BOX,
  /** A ground bolt beside battery and box. */
  BODY_BOLT,
  /** The fuses behind the dash. */
  DASH_BOX,
  /** The switches in the dash. */
  DASH,
  /** Key and levers. */
  STEERING_COLUMN,
  BODY_COMPUTER,
  /** A battery in the boot or under a seat. */
  BOOT,
  /** Inside the loom, where wires are joined to wires and tapped. */
  LOOM;

  /** Behind the lamps of a side. */
  public static Site lamps(Side side) {
    return side == Side.LEFT ? LEFT_LAMPS : RIGHT_LAMPS;
  }

  /** The ground of a side. */
  public static Site ground(Side side) {
    return side == Side.LEFT ? LEFT_GROUND : RIGHT_GROUND;
  }
}
