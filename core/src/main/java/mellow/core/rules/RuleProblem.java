package mellow.core.rules;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** A local rule set that cannot hold, and the place in it that is at fault. */
@SuppressWarnings("serial")
public final class RuleProblem extends Refused {
  private final String place;

  public RuleProblem(String place, Sentence says) {
    super(says);
    this.place = place;
  }

  /** Where: "/off/0". */
  public String place() {
    return place;
  }
}
