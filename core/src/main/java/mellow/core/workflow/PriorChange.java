package mellow.core.workflow;

/** What somebody may have changed on the vehicle before it was taken in. */
public enum PriorChange {
  SUSPENSION,
  TYRES,
  LOAD,
  LAMPS,
  BULBS,
  WIRING;

  /** Whether it moves the beams. */
  public boolean isOfStance() {
    return this == SUSPENSION || this == TYRES || this == LOAD;
  }
}
