package mellow.core.photometry.road;

import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;

/**
 * A road of two lanes, the vehicle in the middle of its own.
 *
 * @param traffic the side on which traffic runs
 * @param widthMm of one lane
 */
public record Lane(TrafficSide traffic, double widthMm) {
  /** A lane of a country road. Common practice. */
  public static final double USUAL_WIDTH_MM = 3500;

  /** Somebody on foot walks so far outside the edge of the lane. Judged. */
  private static final double BESIDE_MM = 500;

  /** Where somebody on foot may be. */
  public enum OnFoot {
    KERB,
    LANE,
    OPPOSITE
  }

  /** How far to the left of the vehicle's middle somebody walks. */
  public double xMm(OnFoot where) {
    int oncoming = traffic.oncomingSide() == Side.LEFT ? 1 : -1;
    return switch (where) {
      case KERB -> -oncoming * (widthMm / 2 + BESIDE_MM);
      case LANE -> 0;
      case OPPOSITE -> oncoming * (1.5 * widthMm + BESIDE_MM);
    };
  }

  /** The middle of the oncoming lane, to the left of the vehicle's middle. */
  public double oncomingXMm() {
    return traffic.oncomingSide().sign() * widthMm;
  }
}
