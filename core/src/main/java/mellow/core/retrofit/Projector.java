package mellow.core.retrofit;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A projector as it was measured.
 *
 * @param mm what was measured of it; what was not, or what it does not have, is left out
 */
public record Projector(Map<Size, Double> mm) {

  /** What is measured of a projector. */
  public enum Size {
    /** Diameter of its lens. */
    LENS,
    /** Outer diameter of its shroud. */
    SHROUD,
    /** From its mounting plane to the front of lens or shroud. */
    FRONT,
    /** From its mounting plane to its rearmost part, plugs included. */
    BEHIND,
    /** Outer diameter of its threaded boss. */
    THREAD
  }

  public Projector {
    mm = mm.isEmpty() ? Map.of() : new EnumMap<>(mm);
  }

  OptionalDouble lensMm() {
    return of(Size.LENS);
  }

  OptionalDouble shroudMm() {
    return of(Size.SHROUD);
  }

  OptionalDouble frontMm() {
    return of(Size.FRONT);
  }

  OptionalDouble behindMm() {
    return of(Size.BEHIND);
  }

  OptionalDouble threadMm() {
    return of(Size.THREAD);
  }

  /** The widest part that has to pass the bowl. */
  OptionalDouble widestMm() {
    return shroudMm().isPresent() && shroudMm().getAsDouble() >= lensMm().orElse(0)
        ? shroudMm()
        : lensMm();
  }

  private OptionalDouble of(Size size) {
    Double read = mm.get(size);
    return read == null ? OptionalDouble.empty() : OptionalDouble.of(read);
  }
}
