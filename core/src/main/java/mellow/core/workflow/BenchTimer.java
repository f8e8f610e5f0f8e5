package mellow.core.workflow;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import mellow.core.finding.Sentence;

/**
 * A timer of the workshop. It is nothing but a moment and a length: it goes on while nobody looks,
 * and neither a restart nor a change of the clock's zone moves it.
 *
 * @param id of the entry that started it
 * @param name what it is for, in words
 * @param kind what it times
 * @param adhesive what cures, for cures
 * @param start when it began
 * @param length from one second to seven days
 * @param stopped when it was stopped or seen to; empty while it runs or rings
 */
public record BenchTimer(
    String id,
    Sentence name,
    Kind kind,
    Optional<Adhesive> adhesive,
    Instant start,
    Duration length,
    Optional<Instant> stopped) {

  /** What is timed. */
  public enum Kind {
    BAKE,
    CURE,
    COOL,
    OTHER
  }

  /** What an adhesive is used for; how long it cures stands on its label. */
  public enum Adhesive {
    FAST_EPOXY,
    FULL_EPOXY,
    SEALANT,
    SILICONE,
    THREADLOCKER
  }

  /** How a timer stands. */
  public enum State {
    RUNNING,
    /** Its time is over, and nobody has seen to it. */
    RINGING,
    /** Seen to after its time was over. */
    OVER,
    /** Stopped before its time was over. */
    BROKEN_OFF
  }

  /** When its time is over. */
  public Instant end() {
    return start.plus(length);
  }

  /** How long it still runs; zero or negative once its time is over. */
  public Duration left(Instant now) {
    return Duration.between(now, end());
  }

  public State state(Instant now) {
    if (stopped.isPresent()) {
      return stopped.get().isBefore(end()) ? State.BROKEN_OFF : State.OVER;
    }
    return now.isBefore(end()) ? State.RUNNING : State.RINGING;
  }

  /** Whether what it timed is through: a cure that was broken off is not. */
  public boolean isThrough(Instant now) {
    State state = state(now);
    return state == State.RINGING || state == State.OVER;
  }
}
