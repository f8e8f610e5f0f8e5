package mellow.core.vehicle;

/** What a forward lamp is for. */
public enum LampFunction {
  DIPPED,
  MAIN,
  FRONT_FOG,
  DRL,
  POSITION,
  TURN,
  SIDE_MARKER,
  /** A lamp with a driving or work pattern that goes with main beam or off the road. */
  DRIVING
}
