package mellow.server.demo;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import mellow.core.fault.Shown;
import mellow.core.feed.DrivingState;
import mellow.core.hunt.Reach;
import mellow.core.hunt.Tool;
import mellow.server.feed.FeedEdit.ChosenPlan;
import mellow.server.find.FindEdit;
import mellow.server.workshop.CheckEdit.ShownEdit;
import org.jspecify.annotations.Nullable;

/**
 * What the demo's searches stand on, and what was checked; their simulated vehicles give the
 * answers.
 */
final class DemoHunts {
  private DemoHunts() {}

  /** Discharge fog lamps of an earlier owner, on a relay. */
  static FindEdit deadFogPair() {
    return new FindEdit(
        new ChosenPlan("factory-fog-discharge", 1, Map.of("fuse", "20"), Map.of()),
        "first left, then both, some days none",
        Set.of(),
        Set.of(Reach.BONNET),
        EnumSet.complementOf(EnumSet.of(Tool.CLAMP, Tool.GOOD_LAMP)),
        true,
        null,
        null);
  }

  /** The job's own feed; the pods are off the bar, so their plugs can be reached. */
  static FindEdit podsThatGoOut() {
    return new FindEdit(
        null,
        "left pods go out now and then, all three at once",
        Set.of(),
        Set.of(Reach.BONNET, Reach.LAMPS),
        EnumSet.complementOf(EnumSet.of(Tool.CLAMP)),
        true,
        null,
        null);
  }

  /** The pods of the left side, twice. */
  static List<List<ShownEdit>> checksOfPodsThatGoOut() {
    return List.of(podsOfTheLeft(), podsOfTheLeft());
  }

  private static List<ShownEdit> podsOfTheLeft() {
    return Stream.of("inner", "middle", "outer")
        .map(
            pod ->
                new ShownEdit(
                    Shown.Kind.LAMP,
                    DrivingState.MAIN_AUX,
                    null,
                    null,
                    null,
                    "left " + pod + " pod",
                    0))
        .toList();
  }

  /** Both lamps at once, on four evenings, then what is quickly reached. */
  static List<List<ShownEdit>> checksOfDeadFogPair() {
    return List.of(
        bothLamps(),
        bothLamps(),
        bothLamps(),
        bothLamps(),
        List.of(of(Shown.Kind.FUSE, null, "fog fuse")),
        List.of(of(Shown.Kind.RELAY, DrivingState.LOW_FOG, "fog relay")));
  }

  private static List<ShownEdit> bothLamps() {
    return List.of(lamp("left ballast"), lamp("right ballast"));
  }

  private static ShownEdit lamp(String lamp) {
    return new ShownEdit(Shown.Kind.LAMP, DrivingState.LOW_FOG, null, null, null, lamp, 0);
  }

  private static ShownEdit of(Shown.Kind kind, @Nullable DrivingState state, String part) {
    return new ShownEdit(kind, state, part, null, null, null, 0);
  }
}
