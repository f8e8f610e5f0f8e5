package mellow.core.feed;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.circuit.check.StateTable.Lamps;

/**
 * In which states some lamps are lit; in all others they are out.
 *
 * @param among the states that it speaks of; nothing is expected in another
 * @param reduced states in which they are dimmed
 * @param onlyIf when this holds
 */
public record Expectation(
    Lamps lamps,
    Set<DrivingState> among,
    Set<DrivingState> full,
    Set<DrivingState> reduced,
    Condition onlyIf) {
  public Expectation {
    among = Set.copyOf(among);
    full = Set.copyOf(full);
    reduced = Set.copyOf(reduced);
  }

  /**
   * The same of other states, each of which is to the lamps like one that it speaks of.
   *
   * @param like the state that each is like
   */
  Expectation among(Lamps ofLamps, Map<DrivingState, DrivingState> like, Condition when) {
    return new Expectation(ofLamps, like.keySet(), those(like, full), those(like, reduced), when);
  }

  private static Set<DrivingState> those(
      Map<DrivingState, DrivingState> like, Set<DrivingState> lit) {
    return like.entrySet().stream()
        .filter(one -> lit.contains(one.getValue()))
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }
}
