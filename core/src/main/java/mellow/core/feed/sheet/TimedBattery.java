package mellow.core.feed.sheet;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mellow.core.feed.BatteryTimeline;

/** Something that happened to the battery, when, and by whom; {@code step} is empty or a step. */
public record TimedBattery(Instant at, BatteryTimeline.What what, String step, String by) {

  /** Both lists in the order of time; each keeps its own order. */
  public static List<TimedBattery> joined(List<TimedBattery> one, List<TimedBattery> other) {
    return Stream.concat(one.stream(), other.stream())
        .sorted(Comparator.comparing(TimedBattery::at))
        .toList();
  }

  /** How the battery stands after all of them. */
  public static BatteryTimeline timeline(List<TimedBattery> events) {
    return BatteryTimeline.joined(
        events.stream().map(one -> new BatteryTimeline.Event(one.what(), one.step())).toList());
  }
}
