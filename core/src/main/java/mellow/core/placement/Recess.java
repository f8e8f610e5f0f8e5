package mellow.core.placement;

import mellow.core.rules.PlaceRule;

/**
 * How a lens lies behind what stands around it: bumper, grille, the rim of its own opening.
 *
 * @param deepMm how far the lens lies behind the foremost edge around it; 0 where it is flush
 * @param outMm from the lit surface to that edge, outwards
 * @param inMm the same towards the centre line
 * @param upMm the same upwards
 * @param downMm the same downwards
 */
public record Recess(double deepMm, double outMm, double inMm, double upMm, double downMm) {
  private static final double OPEN_DEG = 90;

  /**
   * The angle from straight ahead up to which the whole lit surface is seen, degrees: its own edge
   * is the first to be hidden.
   */
  double freeDeg(PlaceRule.Asks asks) {
    return deepMm == 0 ? OPEN_DEG : Math.toDegrees(Math.atan2(gapMm(asks), deepMm));
  }

  /** What both lengths read to ±tape leave open of that angle, degrees. */
  double uncertaintyDeg(PlaceRule.Asks asks, double tapeMm) {
    return deepMm == 0 ? 0 : Math.toDegrees(tapeMm / Math.hypot(gapMm(asks), deepMm));
  }

  private double gapMm(PlaceRule.Asks asks) {
    return switch (asks) {
      case SEEN_OUTWARDS -> outMm;
      case SEEN_INWARDS -> inMm;
      case SEEN_UPWARDS -> upMm;
      case SEEN_DOWNWARDS -> downMm;
      default -> throw new IllegalArgumentException(asks + " is no question of sight");
    };
  }
}
