package mellow.core.placement;

import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.vehicle.TurnCategory;

/**
 * What a lamp's data sheet and lens say of its light.
 *
 * @param intensityCd on its axis, candela
 * @param goesOutWithTurnSignal it goes out while the turn signal beside it flashes
 * @param upperBeam a running lamp that is the dimmed main beam
 * @param referenceMark the number of its main beam beside the approval mark
 * @param turnCategory of a turn signal, the number on its lens
 */
public record Light(
    OptionalDouble intensityCd,
    boolean goesOutWithTurnSignal,
    boolean upperBeam,
    OptionalDouble referenceMark,
    Optional<TurnCategory> turnCategory) {
  /** Nothing is known of it. */
  public static final Light UNKNOWN =
      new Light(OptionalDouble.empty(), false, false, OptionalDouble.empty(), Optional.empty());

  public static Light ofCandela(double cd) {
    return new Light(OptionalDouble.of(cd), false, false, OptionalDouble.empty(), Optional.empty());
  }
}
