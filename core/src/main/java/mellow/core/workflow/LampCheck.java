package mellow.core.workflow;

import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * How one function of one lamp works today.
 *
 * @param tries how often it was tried until it worked; 0 where it worked at once or not at all
 */
public record LampCheck(LampFunction function, Side side, State state, int tries) {

  /** A lamp does not just work or not. */
  public enum State {
    WORKS("works", "worked"),
    AFTER_TRIES("works after tries", "worked after tries only"),
    WEAK("weak", "was weak"),
    FLICKERS("flickers", "flickered"),
    DEAD("dead", "was dead"),
    NOT_FITTED("not fitted", "was not fitted");

    private final String words;
    private final String past;

    State(String words, String past) {
      this.words = words;
      this.past = past;
    }

    /** How it came, told afterwards: "was dead". */
    public String past() {
      return past;
    }

    public String words() {
      return words;
    }

    public boolean isFault() {
      return this != WORKS && this != NOT_FITTED;
    }
  }

  public LampCheck {
    if (tries < 0) {
      throw new IllegalArgumentException("tries are counted from 0, not " + tries);
    }
  }
}
