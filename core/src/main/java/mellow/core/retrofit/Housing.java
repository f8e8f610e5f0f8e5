package mellow.core.retrofit;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A housing as it was measured.
 *
 * @param mm what was measured of it; what was not is left out
 * @param seal what holds the lens
 */
public record Housing(Map<Size, Double> mm, Seal seal) {

  /** What is measured of a housing. */
  public enum Size {
    /** Across the reflector bowl where the projector's front passes. */
    BOWL_OPENING,
    /** From the mounting plane forward to the inside of the lens. */
    BOWL_DEPTH,
    /** Room behind the mounting plane, up to the cap or the body. */
    BEHIND,
    /** The bulb hole. */
    HOLE,
    /** How far the opening may be cut before a rib, an adjuster or the rim is met. */
    CUT_TO
  }

  /** What holds the lens. */
  public enum Seal {
    /** Butyl or sealant in a groove: it parts with heat. */
    GLUED,
    /** No heat parts it: it is cut with a rotary tool, leaving a flange to clamp. */
    WELDED
  }

  public Housing {
    mm = mm.isEmpty() ? Map.of() : new EnumMap<>(mm);
  }

  OptionalDouble bowlOpeningMm() {
    return of(Size.BOWL_OPENING);
  }

  OptionalDouble bowlDepthMm() {
    return of(Size.BOWL_DEPTH);
  }

  OptionalDouble behindMm() {
    return of(Size.BEHIND);
  }

  OptionalDouble holeMm() {
    return of(Size.HOLE);
  }

  OptionalDouble cutToMm() {
    return of(Size.CUT_TO);
  }

  private OptionalDouble of(Size size) {
    Double read = mm.get(size);
    return read == null ? OptionalDouble.empty() : OptionalDouble.of(read);
  }
}
