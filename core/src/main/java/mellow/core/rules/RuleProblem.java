package mellow.core.rules;

/** A local rule set that cannot hold, and the place in it that is at fault. */
@SuppressWarnings("serial")
public final class RuleProblem extends Exception {
  private final String place;

  public RuleProblem(String place, String sentence) {
    super(sentence);
    this.place = place;
  }

  /** Where: "/off/0". */
  public String place() {
    return place;
  }
}
