package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import mellow.core.feed.FeedPlan;

/**
 * Lamp circuits as factories build them, in the form of feed plans: to be searched for faults. Read
 * once.
 */
public final class FactoryBook {
  private static final List<FeedPlan> ALL =
      List.of(
              "factory-generic",
              "factory-low-switched-plus",
              "factory-low-switched-ground",
              "factory-main-relay",
              "factory-position-body-output",
              "factory-turn-flasher",
              "factory-fog-relay",
              "factory-fog-discharge",
              "factory-low-discharge",
              "factory-shared-ground",
              "factory-drl-module")
          .stream()
          .map(FactoryBook::load)
          .toList();

  private FactoryBook() {}

  public static List<FeedPlan> all() {
    return ALL;
  }

  public static Optional<FeedPlan> byId(String id) {
    return ALL.stream().filter(plan -> plan.id().equals(id)).findFirst();
  }

  /** The file of a circuit, as it ships; empty where there is no such circuit. */
  public static Optional<String> file(String id) {
    return byId(id).map(plan -> text(plan.id()));
  }

  private static String text(String id) {
    return Resources.text("/mellow/factory/" + id + ".json");
  }

  private static FeedPlan load(String id) {
    try {
      return FeedPlanFormat.read(text(id));
    } catch (FormatProblem problem) {
      throw new IllegalStateException(id + " at " + problem.place(), problem);
    }
  }
}
