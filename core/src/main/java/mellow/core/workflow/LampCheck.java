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
    WORKS,
    AFTER_TRIES,
    WEAK,
    FLICKERS,
    DEAD,
    NOT_FITTED;

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
