package mellow.core.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.feed.PlanStep.Act;
import mellow.core.feed.PlanStep.Needs;
import mellow.core.finding.Sentence;

/**
 * The order in which a plan is connected, by the school that a workshop follows: what the vehicle
 * has is probed, then the new is fitted, then fed, then tried.
 */
public enum WiringOrder {
  /** Negative terminal off before any work, on last. */
  NEGATIVE_OFF,
  /** A lead is added to a live battery: positive first, ground last. */
  LIVE;

  /** The plan's steps between those of the school. */
  public List<PlanStep> of(PlannedFeed feed) {
    List<PlanStep> probed = new ArrayList<>();
    List<PlanStep> fitted = new ArrayList<>();
    List<PlanStep> tried = new ArrayList<>();
    List<PlanStep> free = new ArrayList<>();
    for (PlanStep step : feed.plan().steps().stream().filter(one -> one.isIn(feed)).toList()) {
      switch (step.battery()) {
        case ANY -> free.add(step);
        case ON -> move(free, step, probed);
        case OFF -> move(free, step, fitted);
        case FED -> move(free, step, tried);
      }
    }
    (tried.isEmpty() ? fitted : tried).addAll(free);
    boolean fuses = !feed.added("fuse").isEmpty() || !feed.added("tap").isEmpty();
    List<PlanStep> steps = new ArrayList<>(probed);
    steps.addAll(this == LIVE ? live(feed, fitted, fuses) : negativeOff(fitted, fuses));
    if (fuses) {
      steps.add(step(FeedWords.fusesIn(), Needs.ON, Act.FUSES_IN));
    }
    steps.addAll(tried);
    steps.add(step(FeedWords.proveAll(), Needs.FED, Act.PROVE));
    return steps;
  }

  /** What goes either way goes with the step that follows it. */
  private static void move(List<PlanStep> free, PlanStep step, List<PlanStep> into) {
    into.addAll(free);
    free.clear();
    into.add(step);
  }

  private static List<PlanStep> negativeOff(List<PlanStep> fitted, boolean fuses) {
    if (fitted.stream().noneMatch(step -> step.battery() == Needs.OFF)) {
      return fitted;
    }
    List<PlanStep> steps = new ArrayList<>();
    steps.add(step(FeedWords.negativeOff(), Needs.ANY, Act.NEGATIVE_OFF));
    steps.addAll(fitted);
    if (fuses) {
      steps.add(step(FeedWords.fusesOut(), Needs.OFF, Act.FUSES_OUT));
    }
    steps.add(step(FeedWords.negativeOn(), Needs.ANY, Act.NEGATIVE_ON));
    return steps;
  }

  private static List<PlanStep> live(PlannedFeed feed, List<PlanStep> fitted, boolean fuses) {
    List<PlanStep> steps = new ArrayList<>();
    if (fuses) {
      steps.add(step(FeedWords.fusesOut(), Needs.ANY, Act.FUSES_OUT));
    }
    fitted.forEach(
        one -> steps.add(new PlanStep(one.does(), Needs.ANY, one.act(), one.of(), one.onlyIf())));
    if (joins(feed, feed.rails().plus())) {
      steps.add(step(FeedWords.positiveLead(), Needs.ON, Act.POSITIVE_LEAD));
    }
    if (joins(feed, feed.rails().ground())) {
      steps.add(step(FeedWords.groundLeads(), Needs.ON, Act.GROUND_LEADS));
    }
    return steps;
  }

  /** Whether a new wire ends at one of those places. */
  private static boolean joins(PlannedFeed feed, Set<String> nodes) {
    return feed.added("wire").stream()
        .flatMap(wire -> Stream.of(wire.value("from"), wire.value("to")))
        .anyMatch(nodes::contains);
  }

  private static PlanStep step(Sentence does, Needs needs, Act act) {
    return new PlanStep(does, needs, act, Set.of(), Condition.ALWAYS);
  }
}
