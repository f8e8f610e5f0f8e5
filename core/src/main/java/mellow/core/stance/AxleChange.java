package mellow.core.stance;

import java.util.OptionalDouble;

/**
 * What was changed at one axle.
 *
 * @param liftMm suspension raised by springs, blocks or levelling; lowered is negative
 * @param loadMm how far load presses it down, against before; positive is down
 * @param tyreBeforeMm outer diameter of the old tyre; empty where the tyres stayed
 * @param tyreNowMm outer diameter of the new one; empty where the tyres stayed
 */
public record AxleChange(
    double liftMm, double loadMm, OptionalDouble tyreBeforeMm, OptionalDouble tyreNowMm) {
  public static final AxleChange NONE =
      new AxleChange(0, 0, OptionalDouble.empty(), OptionalDouble.empty());

  /** By how much larger tyres alone raise the axle: half of what the diameter grew, mm. */
  public double tyreRiseMm() {
    return tyreBeforeMm.isPresent() && tyreNowMm.isPresent()
        ? (tyreNowMm.getAsDouble() - tyreBeforeMm.getAsDouble()) / 2
        : 0;
  }

  /** By how much the body rises at this axle, mm. */
  public double riseMm() {
    return liftMm + tyreRiseMm() - loadMm;
  }

  /** Only one of the two tyre sizes is known, so that the rise cannot be. */
  public boolean isHalfKnown() {
    return tyreBeforeMm.isPresent() != tyreNowMm.isPresent();
  }

  public boolean isNone() {
    return riseMm() == 0 && !isHalfKnown();
  }
}
