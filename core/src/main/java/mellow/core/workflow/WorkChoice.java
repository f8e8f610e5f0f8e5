package mellow.core.workflow;

import java.util.List;

/** What is chosen of ways of working, and what each may be. */
public enum WorkChoice {
  MOUNT(Answer.RING, Answer.GLUED),
  ROLL(Answer.ON_BENCH, Answer.ON_VEHICLE),
  SEAL(Answer.GLUED, Answer.WELDED),
  LENS(Answer.AS_IT_IS, Answer.RESTORE),
  FIRST_SIDE(Answer.LEFT, Answer.RIGHT),
  /** Whether anything is drilled: blank covers and brackets have their holes. */
  HOLE(Answer.DRILLED, Answer.NONE),
  /** What closes the lens: butyl holds at once, a sealant cures. */
  RESEAL(Answer.SEALANT, Answer.BUTYL),
  /** Negative off before any work, or a lead added to a live battery. */
  BATTERY(Answer.NEGATIVE_OFF, Answer.LIVE);

  private final List<Answer> values;

  /** What may be chosen, of one thing or another. */
  public enum Answer {
    RING,
    GLUED,
    ON_BENCH,
    ON_VEHICLE,
    WELDED,
    AS_IT_IS,
    RESTORE,
    LEFT,
    RIGHT,
    DRILLED,
    NONE,
    SEALANT,
    BUTYL,
    NEGATIVE_OFF,
    LIVE
  }

  WorkChoice(Answer... values) {
    this.values = List.of(values);
  }

  /** What may be chosen. */
  public List<Answer> answers() {
    return values;
  }
}
