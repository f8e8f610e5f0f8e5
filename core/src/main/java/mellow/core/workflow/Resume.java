package mellow.core.workflow;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Sentence;

/**
 * Where a job was left, for whoever takes it up again.
 *
 * @param leftAt when the last thing was written down
 * @param last what that was, in words
 * @param out how many things are off the vehicle
 * @param cured what got ready meanwhile, in words
 * @param running what still runs
 */
public record Resume(
    Instant leftAt, Sentence last, int out, List<Sentence> cured, List<Sentence> running) {
  /** Shorter gaps are a cup of tea. Judged. */
  private static final Duration AWAY = Duration.ofHours(2);

  public Resume {
    cured = List.copyOf(cured);
    running = List.copyOf(running);
  }

  /** What was written down last. */
  public record Last(Instant at, Sentence words) {}

  /** What to tell at a moment; empty while the work goes on. */
  public static Optional<Resume> of(Instant now, Last last, int out, List<BenchTimer> timers) {
    if (Duration.between(last.at(), now).compareTo(AWAY) < 0) {
      return Optional.empty();
    }
    return Optional.of(
        new Resume(
            last.at(),
            last.words(),
            out,
            timers.stream()
                .filter(timer -> timer.state(now) == BenchTimer.State.RINGING)
                .map(BenchTimer::name)
                .toList(),
            timers.stream()
                .filter(timer -> timer.state(now) == BenchTimer.State.RUNNING)
                .map(BenchTimer::name)
                .toList()));
  }
}
