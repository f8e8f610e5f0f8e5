package mellow.core.circuit;

import java.util.Map;
import java.util.Set;

/**
 * What decides how a part conducts.
 *
 * @param states of the moving parts, by id; a part that is not named is at rest
 * @param off the pulsed parts that are in the dark part of their period
 * @param start how far the lamps have started
 */
public record Situation(
    Controls controls, Map<String, Integer> states, Set<String> off, Start start) {

  /** How far lamps have started. */
  public enum Start {
    /** The first moment: filaments are cold, gas-discharge lamps strike. */
    COLD,
    /** Filaments are hot, gas-discharge lamps still strike. */
    STRIKING,
    /** Everything runs. */
    RUNNING
  }

  public Situation {
    states = Map.copyOf(states);
    off = Set.copyOf(off);
  }

  public Situation(Controls controls, Map<String, Integer> states, Set<String> off) {
    this(controls, states, off, Start.RUNNING);
  }

  int stateOf(Moving part) {
    return states.getOrDefault(part.id(), 0);
  }
}
