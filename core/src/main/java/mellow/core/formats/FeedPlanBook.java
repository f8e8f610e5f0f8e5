package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import mellow.core.feed.FeedPlan;

/** The ready plans of feeding lamps that ship with the product, read once. */
public final class FeedPlanBook {
  private static final ShippedPlans PLANS =
      new ShippedPlans(
          "feed",
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
          "drl-tap");

  private FeedPlanBook() {}

  public static List<FeedPlan> all() {
    return PLANS.all();
  }

  public static Optional<FeedPlan> byId(String id) {
    return PLANS.byId(id);
  }

  /** The file of a plan, as it ships; empty where there is no such plan. */
  public static Optional<String> file(String id) {
    return PLANS.file(id);
  }
}
