package mellow.core.feed;

/**
 * A step of connecting.
 *
 * @param does in words
 * @param battery what it needs
 * @param onlyIf when it is one at all
 */
public record PlanStep(String does, Needs battery, Condition onlyIf) {
  /** How the battery has to be for a step. */
  public enum Needs {
    /** Negative terminal off: nothing may be live. */
    OFF("negative terminal off"),
    /** Connected: something has to be live to be probed or proved. */
    ON("battery connected"),
    ANY("either way");

    private final String words;

    Needs(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
