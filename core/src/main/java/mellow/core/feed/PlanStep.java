package mellow.core.feed;

import java.util.Map;
import java.util.Set;

/**
 * A step of connecting.
 *
 * @param does in words
 * @param battery what it needs
 * @param act what it does to the battery or to the fuses, if anything
 * @param of the parts that it handles, or the factory wires that it probes, without their side;
 *     empty where it is a step in any case
 * @param onlyIf when it is one at all
 */
public record PlanStep(String does, Needs battery, Act act, Set<String> of, Condition onlyIf) {
  public PlanStep {
    of = Set.copyOf(of);
  }

  PlanStep renamed(Map<String, String> questions) {
    return new PlanStep(does, battery, act, of, onlyIf.renamed(questions));
  }

  /** Whether there is anything to do in an answered plan. */
  boolean isIn(PlannedFeed feed) {
    return onlyIf.holds(feed.answers()) && (of.isEmpty() || of.stream().anyMatch(feed::adds));
  }

  /** How the battery has to be for a step. */
  public enum Needs {
    /** Negative terminal off: nothing may be live. */
    OFF("negative terminal off"),
    /** Connected, and nothing changed yet: what the vehicle has is probed. */
    ON("battery connected"),
    /** Connected, all of it fitted, its fuses in: what was fitted is tried. */
    FED("battery connected, fuses in"),
    ANY("either way");

    private final String words;

    Needs(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** What a step does that others wait for. */
  public enum Act {
    WORK,
    NEGATIVE_OFF,
    NEGATIVE_ON,
    FUSES_OUT,
    FUSES_IN,
    POSITIVE_LEAD,
    GROUND_LEADS,
    PROVE
  }
}
