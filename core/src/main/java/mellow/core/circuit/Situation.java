package mellow.core.circuit;

import java.util.Map;
import java.util.Set;

/**
 * What decides how a part conducts.
 *
 * @param states of the moving parts, by id; a part that is not named is at rest
 * @param off the pulsed parts that are in the dark part of their period
 * @param starting the first moment: filaments are cold, gas-discharge lamps strike
 */
public record Situation(
    Controls controls, Map<String, Integer> states, Set<String> off, boolean starting) {
  public Situation {
    states = Map.copyOf(states);
    off = Set.copyOf(off);
  }

  public Situation(Controls controls, Map<String, Integer> states, Set<String> off) {
    this(controls, states, off, false);
  }

  int stateOf(Moving part) {
    return states.getOrDefault(part.id(), 0);
  }
}
