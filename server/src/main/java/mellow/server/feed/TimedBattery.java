package mellow.server.feed;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mellow.core.feed.BatteryTimeline;
import mellow.server.feed.FeedEdit.BatteryEdit;

/** Something that happened to the battery, and when. */
public record TimedBattery(Instant at, BatteryTimeline.What what, String step, String by) {
  static TimedBattery of(BatteryEdit event) {
    return new TimedBattery(moment(event.at()), event.what(), event.step(), event.person());
  }

  /** What was noted without a readable time came first. */
  private static Instant moment(String at) {
    try {
      return Instant.parse(at);
    } catch (DateTimeException noMoment) {
      return Instant.EPOCH;
    }
  }

  BatteryEdit edit() {
    return new BatteryEdit(what, step, by, at.toString());
  }

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
