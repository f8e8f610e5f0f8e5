package mellow.core.feed;

import java.util.Set;
import mellow.core.circuit.StateTable.Lamps;

/**
 * In which states some lamps are lit; in all others they are out.
 *
 * @param reduced states in which they are dimmed
 * @param onlyIf when this holds
 */
public record Expectation(
    Lamps lamps, Set<DrivingState> full, Set<DrivingState> reduced, Condition onlyIf) {
  public Expectation {
    full = Set.copyOf(full);
    reduced = Set.copyOf(reduced);
  }
}
