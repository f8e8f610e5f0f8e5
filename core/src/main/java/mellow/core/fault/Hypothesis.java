package mellow.core.fault;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What may be wrong: one fault, two at once, or something that the model does not have.
 *
 * @param faults none for something that is not in the model
 * @param present share of the time for which they are there; below 1 for what comes and goes
 * @param condition under which they are there more often than else
 * @param prior how often it is met beside the others, before anything was seen
 */
public record Hypothesis(List<Fault> faults, double present, Condition condition, double prior) {
  /** How often a fault is there under its own condition, and under any other. Judged. */
  private static final double UNDER_IT = 0.9;

  private static final double UNDER_OTHERS = 0.15;

  public Hypothesis {
    faults = List.copyOf(faults);
    if (!(present > 0) || present > 1) {
      throw new IllegalArgumentException("a share of the time is above 0, at most 1");
    }
    if (!(prior > 0)) {
      throw new IllegalArgumentException("a prior is above 0, not " + prior);
    }
  }

  /** One that keeps to no condition. */
  public Hypothesis(List<Fault> faults, double present, double prior) {
    this(faults, present, Condition.ANY, prior);
  }

  /** Share of the time for which they are there under a condition. */
  public double present(Condition under) {
    if (present == 1 || condition == Condition.ANY || under == Condition.ANY) {
      return present;
    }
    return under == condition ? UNDER_IT : UNDER_OTHERS;
  }

  /** Something else, with a share of its own before anything was seen. */
  static Hypothesis notInTheModel(double prior) {
    return new Hypothesis(List.of(), 1, prior);
  }

  public boolean isInTheModel() {
    return !faults.isEmpty();
  }

  /** The parts to be mended; empty for something that is not in the model. */
  public Set<String> parts() {
    return faults.stream().map(Fault::part).collect(Collectors.toUnmodifiableSet());
  }
}
