package mellow.core.feed;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.finding.Sentence;

/**
 * How the battery stood over the steps of the work: off for work, on to probe, off to splice, on to
 * prove.
 *
 * @param events in the order in which they happened
 */
public record BatteryTimeline(List<Event> events) {
  public BatteryTimeline {
    events = List.copyOf(events);
  }

  /** What happens to the battery, or beside it. */
  public enum What {
    NEGATIVE_OFF,
    NEGATIVE_ON,
    POSITIVE_OFF,
    POSITIVE_ON,
    LOOSENED,
    /** Another battery feeds something beside the vehicle's own, while testing. */
    SECOND_ON,
    SECOND_OFF,
    /** Work that needs the battery connected. */
    LIVE_STEP,
    /** Work that needs it off. */
    DEAD_STEP
  }

  /**
   * One of them.
   *
   * @param step what was done, for steps; may be empty
   */
  public record Event(What what, String step) {}

  /** Whether the vehicle's own battery feeds it. A loosened clamp is no isolation. */
  public boolean connected() {
    return terminal(What.NEGATIVE_OFF, What.NEGATIVE_ON)
        && terminal(What.POSITIVE_OFF, What.POSITIVE_ON);
  }

  private boolean terminal(What off, What on) {
    boolean is = true;
    for (Event event : events) {
      is = event.what() == on || is && event.what() != off;
    }
    return is;
  }

  /** Whether a second source is still joined. */
  public boolean secondOn() {
    boolean on = false;
    for (Event event : events) {
      on = event.what() == What.SECOND_ON || on && event.what() != What.SECOND_OFF;
    }
    return on;
  }

  /** Whether anything is live, by the vehicle's own battery or by one that was joined. */
  public boolean isLive() {
    return connected() || secondOn();
  }

  private boolean negativeOn() {
    return terminal(What.NEGATIVE_OFF, What.NEGATIVE_ON);
  }

  private boolean positiveOn() {
    return terminal(What.POSITIVE_OFF, What.POSITIVE_ON);
  }

  /** Why the next event cannot be; empty where it can. */
  public Optional<Sentence> refuses(What next) {
    Sentence why =
        switch (next) {
          case NEGATIVE_OFF -> negativeOn() ? null : FeedWords.already(next);
          case NEGATIVE_ON -> {
            if (negativeOn()) {
              yield FeedWords.already(next);
            }
            yield positiveOn() ? null : FeedWords.positiveOnFirst();
          }
          case POSITIVE_OFF -> {
            if (!positiveOn()) {
              yield FeedWords.already(next);
            }
            yield negativeOn() ? FeedWords.negativeOffFirst() : null;
          }
          case POSITIVE_ON -> {
            if (positiveOn()) {
              yield FeedWords.already(next);
            }
            yield negativeOn() ? FeedWords.offThenOn() : null;
          }
          case LOOSENED -> null;
          case SECOND_ON -> secondOn() ? FeedWords.already(next) : null;
          case SECOND_OFF -> secondOn() ? null : FeedWords.noSecondSource();
          case LIVE_STEP -> isLive() ? null : FeedWords.nothingLive();
          case DEAD_STEP -> isLive() ? liveBecause() : null;
        };
    return Optional.ofNullable(why);
  }

  private Sentence liveBecause() {
    if (!connected()) {
      return FeedWords.secondStillOn();
    }
    return loosened() ? FeedWords.loosenedOnly() : FeedWords.stillConnected();
  }

  private boolean loosened() {
    return !events.isEmpty() && events.get(events.size() - 1).what() == What.LOOSENED;
  }

  /** The timeline with one event more. */
  public BatteryTimeline with(Event next) throws FeedProblem {
    Optional<Sentence> refused = refuses(next.what());
    if (refused.isPresent()) {
      throw new FeedProblem("battery", refused.get());
    }
    return new BatteryTimeline(Stream.concat(events.stream(), Stream.of(next)).toList());
  }

  /**
   * A timeline put together from what was noted at several places: what could not have been, since
   * it was noted twice, is left out.
   */
  public static BatteryTimeline joined(List<Event> events) {
    BatteryTimeline timeline = new BatteryTimeline(List.of());
    for (Event event : events) {
      if (timeline.refuses(event.what()).isEmpty()) {
        timeline =
            new BatteryTimeline(
                Stream.concat(timeline.events().stream(), Stream.of(event)).toList());
      }
    }
    return timeline;
  }

  /** Reads a whole timeline, refusing the first event that could not have been. */
  public static BatteryTimeline of(List<Event> events) throws FeedProblem {
    BatteryTimeline timeline = new BatteryTimeline(List.of());
    for (Event event : events) {
      timeline = timeline.with(event);
    }
    return timeline;
  }
}
