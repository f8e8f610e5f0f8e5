package mellow.core.proof;

import java.util.Set;
import mellow.core.vehicle.LampFunction;

/**
 * What was mended after a fault was found: the lamps of its functions are proved again, both sides.
 *
 * @param functions of the circuit that was searched
 * @param what was mended and how, as it is kept
 */
public record Mended(Set<LampFunction> functions, String what) {
  public Mended {
    functions = Set.copyOf(functions);
  }
}
