package mellow.core.feed;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

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
    NEGATIVE_OFF("negative terminal off"),
    NEGATIVE_ON("negative terminal on"),
    POSITIVE_OFF("positive terminal off"),
    POSITIVE_ON("positive terminal on"),
    LOOSENED("clamp loosened, left on"),
    /** Another battery feeds something beside the vehicle's own, while testing. */
    SECOND_ON("second source joined"),
    SECOND_OFF("second source off"),
    /** Work that needs the battery connected. */
    LIVE_STEP("work on live wires"),
    /** Work that needs it off. */
    DEAD_STEP("work on dead wires");

    private final String words;

    What(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
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
  public Optional<String> refuses(What next) {
    return switch (next) {
      case NEGATIVE_OFF ->
          negativeOn() ? Optional.empty() : already("The negative terminal is off");
      case NEGATIVE_ON ->
          negativeOn()
              ? already("The negative terminal is on")
              : positiveOn()
                  ? Optional.empty()
                  : Optional.of(
                      "Positive on first, negative last: else the spanner on the positive"
                          + " clamp can short to the body.");
      case POSITIVE_OFF ->
          !positiveOn()
              ? already("The positive terminal is off")
              : negativeOn()
                  ? Optional.of(
                      "Negative off first: with it on, the spanner on the positive clamp can short"
                          + " to the body.")
                  : Optional.empty();
      case POSITIVE_ON ->
          positiveOn()
              ? already("The positive terminal is on")
              : negativeOn()
                  ? Optional.of("Negative off first, then positive on, then negative on.")
                  : Optional.empty();
      case LOOSENED -> Optional.empty();
      case SECOND_ON -> secondOn() ? already("A second source is joined") : Optional.empty();
      case SECOND_OFF -> secondOn() ? Optional.empty() : Optional.of("No second source is joined.");
      case LIVE_STEP ->
          isLive()
              ? Optional.empty()
              : Optional.of(
                  "The battery is off: nothing is live to be probed or proved. Connect it first, or"
                      + " join a helper battery.");
      case DEAD_STEP -> !isLive() ? Optional.empty() : Optional.of(liveBecause());
    };
  }

  private String liveBecause() {
    if (!connected()) {
      return "A second source is still joined: take it off first.";
    }
    return loosened()
        ? "A loosened clamp is no isolation: take the negative terminal off first."
        : "The battery is connected: take the negative terminal off first.";
  }

  private boolean loosened() {
    return !events.isEmpty() && events.get(events.size() - 1).what() == What.LOOSENED;
  }

  private static Optional<String> already(String so) {
    return Optional.of(so + " already.");
  }

  /** The timeline with one event more. */
  public BatteryTimeline with(Event next) throws FeedProblem {
    Optional<String> refused = refuses(next.what());
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
