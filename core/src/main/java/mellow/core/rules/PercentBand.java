package mellow.core.rules;

import java.util.OptionalDouble;

/**
 * A band of inclinations.
 *
 * @param lowestPercent the steepest downwards that is allowed; empty where the rule sets no limit
 * @param highestPercent the highest that is allowed; empty where the rule sets no limit
 */
public record PercentBand(OptionalDouble lowestPercent, OptionalDouble highestPercent) {
  public PercentBand {
    if (lowestPercent.isEmpty() && highestPercent.isEmpty()) {
      throw new IllegalArgumentException("a band needs at least one limit");
    }
    if (lowestPercent.isPresent()
        && highestPercent.isPresent()
        && lowestPercent.getAsDouble() >= highestPercent.getAsDouble()) {
      throw new IllegalArgumentException(
          "lowest %s must be below highest %s"
              .formatted(lowestPercent.getAsDouble(), highestPercent.getAsDouble()));
    }
  }

  public static PercentBand between(double lowestPercent, double highestPercent) {
    return new PercentBand(OptionalDouble.of(lowestPercent), OptionalDouble.of(highestPercent));
  }

  /** Half the band's width; where one side is open, the given substitute. */
  public double halfWidthOr(double substitute) {
    return lowestPercent.isPresent() && highestPercent.isPresent()
        ? (highestPercent.getAsDouble() - lowestPercent.getAsDouble()) / 2
        : substitute;
  }

  /** Distance to the nearer limit: positive inside, negative outside. */
  public double marginOf(double percent) {
    return Math.min(
        percent - lowestPercent.orElse(Double.NEGATIVE_INFINITY),
        highestPercent.orElse(Double.POSITIVE_INFINITY) - percent);
  }

  /** Whether the highest limit, not the lowest, is the nearer one. */
  public boolean isNearerToHighest(double percent) {
    return highestPercent.orElse(Double.POSITIVE_INFINITY) - percent
        <= percent - lowestPercent.orElse(Double.NEGATIVE_INFINITY);
  }

  /** The limit nearer to the given inclination. */
  public double nearestLimitPercent(double percent) {
    return isNearerToHighest(percent) ? highestPercent.orElseThrow() : lowestPercent.orElseThrow();
  }
}
