package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.feed.FeedPlan;

/** Circuits that ship with the product in one folder, read once. */
final class ShippedPlans {
  private final String folder;
  private final List<FeedPlan> all;

  /**
   * The circuits of some files.
   *
   * @param ids the files' names without their ending, in the order in which they are shown
   */
  ShippedPlans(String folder, String... ids) {
    this.folder = folder;
    this.all = Stream.of(ids).map(this::load).toList();
  }

  List<FeedPlan> all() {
    return all;
  }

  Optional<FeedPlan> byId(String id) {
    return all.stream().filter(plan -> plan.id().equals(id)).findFirst();
  }

  /** The file of a circuit, as it ships; empty where there is no such circuit. */
  Optional<String> file(String id) {
    return byId(id).map(plan -> text(plan.id()));
  }

  private String text(String id) {
    return Resources.text("/mellow/" + folder + "/" + id + ".json");
  }

  private FeedPlan load(String id) {
    try {
      return FeedPlanFormat.read(text(id));
    } catch (FormatProblem problem) {
      throw new IllegalStateException(id + " at " + problem.place(), problem);
    }
  }
}
