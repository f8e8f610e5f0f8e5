package mellow.core.fault;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What may be wrong: one fault, two at once, nothing at all, or something that the model does not
 * have.
 *
 * @param faults none where nothing is wrong, and for something that is not in the model
 * @param present share of the time for which they are there; below 1 for what comes and goes
 * @param condition under which they are there more often than else
 * @param prior how often it is met beside the others, before anything was seen
 * @param isInTheModel whether the model can tell what it shows
 */
public record Hypothesis(
    List<Fault> faults, double present, Condition condition, double prior, boolean isInTheModel) {
  /** How often a fault is there under its own condition, and under any other. Judged. */
  static final double UNDER_IT = 0.9;

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

  /** One that the model has. */
  public Hypothesis(List<Fault> faults, double present, Condition condition, double prior) {
    this(faults, present, condition, prior, true);
  }

  /** Share of the time for which they are there under a condition. */
  public double present(Condition under) {
    if (present == 1 || condition == Condition.ANY || under == Condition.ANY) {
      return present;
    }
    if (condition == Condition.ENGINE || under == Condition.STILL) {
      return condition == Condition.ENGINE && under == Condition.STILL ? UNDER_OTHERS : present;
    }
    return under == condition ? UNDER_IT : UNDER_OTHERS;
  }

  /** Something else, with a share of its own before anything was seen. */
  static Hypothesis notInTheModel(double prior) {
    return new Hypothesis(List.of(), 1, Condition.ANY, prior, false);
  }

  /** The circuit is sound, now at least. */
  public static Hypothesis nothingWrong(double prior) {
    return new Hypothesis(List.of(), 1, prior);
  }

  /** Whether the circuit is sound. */
  public boolean isNothing() {
    return isInTheModel && faults.isEmpty();
  }

  /** The same, met more often or less. */
  Hypothesis times(double factor) {
    return new Hypothesis(faults, present, condition, prior * factor, isInTheModel);
  }

  /** The parts to be mended; empty where none of this circuit is. */
  public Set<String> parts() {
    return faults.stream().map(Fault::part).collect(Collectors.toUnmodifiableSet());
  }
}
