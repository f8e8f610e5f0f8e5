package mellow.core.feed;

import java.util.Map;
import java.util.Set;
import mellow.core.finding.Sentence;

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
public record PlanStep(Sentence does, Needs battery, Act act, Set<String> of, Condition onlyIf) {
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
    OFF,
    /** Connected, and nothing changed yet: what the vehicle has is probed. */
    ON,
    /** Connected, all of it fitted, its fuses in: what was fitted is tried. */
    FED,
    ANY
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
