package mellow.core.fault;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What may be wrong: one fault, two at once, or something that the model does not have.
 *
 * @param faults none for something that is not in the model
 * @param present share of the time for which they are there; below 1 for what comes and goes
 * @param prior how often it is met beside the others, before anything was seen
 */
public record Hypothesis(List<Fault> faults, double present, double prior) {
  public Hypothesis {
    faults = List.copyOf(faults);
    if (!(present > 0) || present > 1) {
      throw new IllegalArgumentException("a share of the time is above 0, at most 1");
    }
    if (!(prior > 0)) {
      throw new IllegalArgumentException("a prior is above 0, not " + prior);
    }
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
