package mellow.core.photometry.lm63;

import java.util.List;

/** How the output of the source follows the way in which the lamp is tilted. */
public sealed interface Tilt {
  /** It does not, or nobody measured it. */
  record None() implements Tilt {}

  /**
   * By factors in the file.
   *
   * @param geometry how the source lies in the lamp, 1 to 3
   * @param angles degrees from its base-up position, ascending
   * @param factors for each angle
   */
  record Included(int geometry, List<Double> angles, List<Double> factors) implements Tilt {
    public Included {
      angles = List.copyOf(angles);
      factors = List.copyOf(factors);
    }
  }

  /** By factors in another file, which does not come with this one. */
  record Elsewhere(String file) implements Tilt {}

  /** The line that says it. */
  default String line() {
    return "TILT="
        + (this instanceof None
            ? "NONE"
            : this instanceof Elsewhere elsewhere ? elsewhere.file() : "INCLUDE");
  }
}
