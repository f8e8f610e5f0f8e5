package mellow.core.feed;

import java.util.ArrayList;
import java.util.List;
import mellow.core.feed.PlanStep.Needs;

/** The order in which a plan is connected, by the school that a workshop follows. */
public enum WiringOrder {
  /** Negative terminal off before any work, on last. */
  NEGATIVE_OFF("negative terminal off first, on last"),
  /** A lead is added to a live battery: positive first, ground last. */
  LIVE("on a live battery: positive first, ground last");

  private final String words;

  WiringOrder(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** The plan's steps between those of the school. */
  public List<PlanStep> of(PlannedFeed feed) {
    List<PlanStep> between =
        feed.plan().steps().stream().filter(step -> step.onlyIf().holds(feed.answers())).toList();
    List<PlanStep> steps = new ArrayList<>();
    if (this == NEGATIVE_OFF) {
      between.stream().filter(step -> step.battery() == Needs.ON).forEach(steps::add);
      steps.add(
          step("Negative terminal off, and laid aside where it cannot spring back", Needs.ANY));
      between.stream().filter(step -> step.battery() != Needs.ON).forEach(steps::add);
      steps.add(step("Every new fuse out of its holder, then the negative terminal on", Needs.ANY));
    } else {
      steps.add(step("Every new fuse out of its holder", Needs.ANY));
      between.forEach(one -> steps.add(step(one.does(), Needs.ANY)));
      steps.add(
          step("The lead to the positive post first, its ring insulated until then", Needs.ON));
      steps.add(step("The ground leads last", Needs.ON));
    }
    steps.add(step("Fuses in, one at a time", Needs.ON));
    steps.add(step("Prove every function, before the front is closed", Needs.ON));
    return steps;
  }

  private static PlanStep step(String does, Needs needs) {
    return new PlanStep(does, needs, Condition.ALWAYS);
  }
}
