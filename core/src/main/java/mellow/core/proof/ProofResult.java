package mellow.core.proof;

import java.util.Optional;
import mellow.core.circuit.StateTable.Lamps;
import mellow.core.vehicle.Side;

/**
 * What lamps did when a state was tried.
 *
 * @param state by its name
 * @param lamps which
 * @param outcome what they did, against what was expected
 * @param side where only one of a pair did so; empty for both
 * @param tries how often it was tried until it worked; 0 where that says nothing
 * @param seen in words; may be empty
 */
public record ProofResult(
    String state, Lamps lamps, Outcome outcome, Optional<Side> side, int tries, String seen) {

  /** A lamp does not just work or not. */
  public enum Outcome {
    WORKS("works"),
    AFTER_TRIES("works after tries"),
    WEAK("weak"),
    FLICKERS("flickers"),
    DEAD("dead"),
    /** It should be out. */
    LIT("lit, should be out");

    private final String words;

    Outcome(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }

    public boolean isFault() {
      return this != WORKS && this != AFTER_TRIES;
    }
  }
}
