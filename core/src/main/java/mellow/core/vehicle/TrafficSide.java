package mellow.core.vehicle;

/** The side of the road on which traffic runs; the seat of the driver is another matter. */
public enum TrafficSide {
  RIGHT(Side.RIGHT),
  LEFT(Side.LEFT);

  private final Side kerbSide;

  TrafficSide(Side kerbSide) {
    this.kerbSide = kerbSide;
  }

  /** The vehicle's side next to the kerb; a stepped cutoff rises towards it. */
  public Side kerbSide() {
    return kerbSide;
  }

  /** The vehicle's side next to oncoming traffic. */
  public Side oncomingSide() {
    return kerbSide.other();
  }
}
