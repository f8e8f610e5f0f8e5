package mellow.core.effort;

import java.time.Duration;
import java.util.function.Supplier;

/** The time that is left to the thread that works on an answer. */
public final class Effort {
  private static final ThreadLocal<Long> UNTIL = ThreadLocal.withInitial(() -> Long.MAX_VALUE);

  private Effort() {}

  /** What was limited, until it is closed. */
  public interface Limit extends AutoCloseable {
    @Override
    void close();
  }

  /** Limits this thread's work from now on; one limit inside another has the shorter of the two. */
  public static Limit limit(Duration time) {
    long outer = UNTIL.get();
    UNTIL.set(Math.min(outer, System.nanoTime() + time.toNanos()));
    return () -> UNTIL.set(outer);
  }

  /**
   * Works within a limit.
   *
   * @throws TooMuch where it takes longer
   */
  public static <T> T within(Duration time, Supplier<T> work) {
    try (Limit limit = limit(time)) {
      return work.get();
    }
  }

  /**
   * Called where work is done over and over.
   *
   * @throws TooMuch where the time is over
   */
  public static void spend() {
    if (UNTIL.get() != Long.MAX_VALUE && System.nanoTime() > UNTIL.get()) {
      throw new TooMuch();
    }
  }
}
