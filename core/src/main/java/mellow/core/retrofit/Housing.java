package mellow.core.retrofit;

import java.util.OptionalDouble;

/**
 * A housing as it was measured; what was not measured is empty.
 *
 * @param bowlOpeningMm across the reflector bowl where the projector's front passes
 * @param bowlDepthMm from the mounting plane forward to the inside of the lens
 * @param behindMm room behind the mounting plane, up to the cap or the body
 * @param holeMm the bulb hole
 * @param cutToMm how far the opening may be cut before a rib, an adjuster or the rim is met
 * @param seal what holds the lens
 */
public record Housing(
    OptionalDouble bowlOpeningMm,
    OptionalDouble bowlDepthMm,
    OptionalDouble behindMm,
    OptionalDouble holeMm,
    OptionalDouble cutToMm,
    Seal seal) {

  /** What holds the lens. */
  public enum Seal {
    /** Butyl or sealant in a groove: it parts with heat. */
    GLUED,
    /** No heat parts it: it is cut with a rotary tool, leaving a flange to clamp. */
    WELDED
  }
}
