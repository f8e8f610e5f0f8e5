package mellow.core.parts;

import java.util.Optional;
import java.util.OptionalInt;
import mellow.core.vehicle.LampFunction;

/**
 * What light a lamp gives.
 *
 * @param circuit the function that switches it
 * @param pattern the shape of its beam
 * @param kelvin colour temperature; empty where not said
 * @param bulb colour of the bulb's own light; empty where only its temperature is known
 * @param lens colour of what it shines through
 */
public record Light(
    LampFunction circuit, Pattern pattern, OptionalInt kelvin, Optional<Colour> bulb, Lens lens) {
  /** Bulbs of up to about 3000 K are sold as yellow, those of 4300 and 6000 K as white. */
  private static final int YELLOW_BELOW_KELVIN = 3500;

  /** The shapes of beam. */
  public enum Pattern {
    NOT_SAID,
    DIPPED,
    WIDE_FOG,
    DRIVING,
    SPOT,
    COMBINATION,
    SIGNAL;

    /** Whether it reaches above the horizon. */
    boolean isHigh() {
      return this == DRIVING || this == SPOT || this == COMBINATION;
    }
  }

  /** Colours of light. */
  public enum Colour {
    WHITE,
    SELECTIVE_YELLOW,
    AMBER,
    OTHER
  }

  /** Colours of lens. */
  public enum Lens {
    CLEAR,
    YELLOW,
    AMBER,
    OTHER
  }

  /** What comes out of bulb and lens together; empty while the bulb's colour is not known. */
  public Optional<Colour> seen() {
    Optional<Colour> source = bulb.or(this::byTemperature);
    return source.map(
        colour ->
            switch (lens) {
              case CLEAR -> colour;
              case YELLOW -> colour == Colour.WHITE ? Colour.SELECTIVE_YELLOW : colour;
              // amber passes what is in white, yellow and amber light alike
              case AMBER -> colour == Colour.OTHER ? Colour.OTHER : Colour.AMBER;
              case OTHER -> Colour.OTHER;
            });
  }

  private Optional<Colour> byTemperature() {
    return kelvin.isEmpty()
        ? Optional.empty()
        : Optional.of(
            kelvin.getAsInt() < YELLOW_BELOW_KELVIN ? Colour.SELECTIVE_YELLOW : Colour.WHITE);
  }
}
