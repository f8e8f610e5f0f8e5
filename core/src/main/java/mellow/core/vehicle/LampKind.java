package mellow.core.vehicle;

/** The lamps that are aimed on the wall. */
public enum LampKind {
  DIPPED(LampFunction.DIPPED),
  FRONT_FOG(LampFunction.FRONT_FOG),
  /** Driving lamps and pods: no cutoff, what is aimed is the centre of the bright spot. */
  DRIVING(LampFunction.DRIVING);

  private final LampFunction function;

  LampKind(LampFunction function) {
    this.function = function;
  }

  /** What such a lamp is for. */
  public LampFunction function() {
    return function;
  }
}
