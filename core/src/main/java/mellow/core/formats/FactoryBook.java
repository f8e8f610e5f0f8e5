package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import mellow.core.feed.FeedPlan;

/**
 * Lamp circuits as factories build them, in the form of feed plans: to be searched for faults. Read
 * once.
 */
public final class FactoryBook {
  private static final ShippedPlans PLANS =
      new ShippedPlans(
          "factory",
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
          "factory-drl-module",
          "factory-drl-turn-bulb",
          "factory-twin-filament");

  private FactoryBook() {}

  public static List<FeedPlan> all() {
    return PLANS.all();
  }

  public static Optional<FeedPlan> byId(String id) {
    return PLANS.byId(id);
  }

  /** The file of a circuit, as it ships; empty where there is no such circuit. */
  public static Optional<String> file(String id) {
    return PLANS.file(id);
  }
}
