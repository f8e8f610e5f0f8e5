package mellow.core.retrofit;

import java.util.OptionalDouble;

/**
 * A projector as it was measured; what was not measured is empty.
 *
 * @param lensMm diameter of its lens
 * @param shroudMm outer diameter of its shroud; empty where it has none
 * @param frontMm from its mounting plane to the front of lens or shroud
 * @param behindMm from its mounting plane to its rearmost part, plugs included
 * @param threadMm outer diameter of its threaded boss; empty where it has none
 */
public record Projector(
    OptionalDouble lensMm,
    OptionalDouble shroudMm,
    OptionalDouble frontMm,
    OptionalDouble behindMm,
    OptionalDouble threadMm) {

  /** The widest part that has to pass the bowl. */
  OptionalDouble widestMm() {
    return shroudMm.isPresent() && shroudMm.getAsDouble() >= lensMm.orElse(0) ? shroudMm : lensMm;
  }
}
