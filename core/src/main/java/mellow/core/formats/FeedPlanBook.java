package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import mellow.core.feed.FeedPlan;

/** The ready plans of feeding lamps that ship with the product, read once. */
public final class FeedPlanBook {
  private static final List<FeedPlan> ALL =
      List.of(
              "plug-in",
              "drl-kit",
              "drl-two-relays",
              "drl-dimmed",
              "drl-module",
              "drl-factory-output",
              "fog-plug-in",
              "fog-own-switch",
              "fog-refed",
              "aux-pods",
              "grille-lamps",
              "xenon-harness",
              "led-projector",
              "turn-resistor",
              "accent-controller",
              "drl-tap")
          .stream()
          .map(FeedPlanBook::load)
          .toList();

  private FeedPlanBook() {}

  public static List<FeedPlan> all() {
    return ALL;
  }

  public static Optional<FeedPlan> byId(String id) {
    return ALL.stream().filter(plan -> plan.id().equals(id)).findFirst();
  }

  /** The file of a plan, as it ships; empty where there is no such plan. */
  public static Optional<String> file(String id) {
    return byId(id).map(plan -> text(plan.id()));
  }

  private static String text(String id) {
    return Resources.text("/mellow/feed/" + id + ".json");
  }

  private static FeedPlan load(String id) {
    try {
      return FeedPlanFormat.read(text(id));
    } catch (FormatProblem problem) {
      throw new IllegalStateException(id + " at " + problem.place(), problem);
    }
  }
}
