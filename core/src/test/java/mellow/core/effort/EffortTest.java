package mellow.core.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;

class EffortTest {
  private static final Duration LONG = Duration.ofHours(1);

  private static String spending() {
    Effort.spend();
    return "done";
  }

  @Test
  void workEndsWhereItsTimeIsOverAndTheNextIsFreeAgain() {
    assertThatThrownBy(() -> Effort.within(Duration.ofNanos(-1), EffortTest::spending))
        .isInstanceOf(TooMuch.class)
        .hasMessageContaining("too long");
    assertThatCode(Effort::spend).doesNotThrowAnyException();
    assertThat(Effort.within(LONG, EffortTest::spending)).isEqualTo("done");
  }

  @Test
  void theShorterOfTwoLimitsHolds() {
    assertThatThrownBy(
            () ->
                Effort.within(
                    Duration.ofNanos(-1), () -> Effort.within(LONG, EffortTest::spending)))
        .isInstanceOf(TooMuch.class);
  }

  /** A thread that only waits has no work done: a slow machine is no reason to end. */
  @Test
  void waitingIsNoWork() {
    assertThatCode(
            () ->
                Effort.within(
                    Duration.ofMillis(40),
                    () -> {
                      LockSupport.parkNanos(Duration.ofMillis(120).toNanos());
                      return spending();
                    }))
        .doesNotThrowAnyException();
  }

  @Test
  void whatGoesOnForEverEnds() {
    assertThatThrownBy(
            () ->
                Effort.within(
                    Duration.ofMillis(20),
                    () -> {
                      while (true) {
                        spending();
                      }
                    }))
        .isInstanceOf(TooMuch.class);
  }
}
