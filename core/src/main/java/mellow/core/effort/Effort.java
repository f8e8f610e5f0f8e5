package mellow.core.effort;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The work that is left to the thread that makes an answer, in time of the processor: a machine
 * that is busy with other things is slow, and no answer is too much for that.
 */
public final class Effort {
  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
  private static final ThreadLocal<Optional<Until>> UNTIL =
      ThreadLocal.withInitial(Optional::empty);

  private Effort() {}

  /**
   * When work ends.
   *
   * @param clockNanos before this no processor can have done too much; asking the clock is cheap
   * @param processorNanos so much of it the thread may have had then
   */
  private record Until(long clockNanos, long processorNanos) {
    boolean isOver() {
      return System.nanoTime() - clockNanos > 0
          && THREADS.getCurrentThreadCpuTime() > processorNanos;
    }

    Until orSooner(Until other) {
      return other.processorNanos < processorNanos ? other : this;
    }
  }

  /** What was limited, until it is closed. */
  public interface Limit extends AutoCloseable {
    @Override
    void close();
  }

  /** Limits this thread's work from now on; one limit inside another has the shorter of the two. */
  public static Limit limit(Duration work) {
    Optional<Until> outer = UNTIL.get();
    Until inner =
        new Until(
            System.nanoTime() + work.toNanos(), THREADS.getCurrentThreadCpuTime() + work.toNanos());
    UNTIL.set(Optional.of(outer.map(inner::orSooner).orElse(inner)));
    return () -> UNTIL.set(outer);
  }

  /**
   * Works within a limit.
   *
   * @throws TooMuch where it takes more
   */
  public static <T> T within(Duration work, Supplier<T> answer) {
    try (Limit limit = limit(work)) {
      return answer.get();
    }
  }

  /**
   * Called where work is done over and over.
   *
   * @throws TooMuch where no more is left
   */
  public static void spend() {
    if (UNTIL.get().filter(Until::isOver).isPresent()) {
      throw new TooMuch();
    }
  }
}
