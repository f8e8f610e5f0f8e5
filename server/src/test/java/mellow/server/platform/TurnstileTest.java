package mellow.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class TurnstileTest {
  private static final Duration LONG = Duration.ofSeconds(30);

  private final ExecutorService askers = Executors.newCachedThreadPool();
  private final CountDownLatch done = new CountDownLatch(1);
  private final AtomicInteger inside = new AtomicInteger();

  @AfterEach
  void end() {
    done.countDown();
    askers.shutdownNow();
  }

  private Future<?> ask(Turnstile turnstile, MockHttpServletRequest request) {
    FilterChain work =
        (asked, answered) -> {
          inside.incrementAndGet();
          try {
            done.await();
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
        };
    return askers.submit(
        () -> {
          turnstile.doFilter(request, new MockHttpServletResponse(), work);
          return null;
        });
  }

  private static MockHttpServletRequest get(String path) {
    return new MockHttpServletRequest("GET", path);
  }

  private void waitForInside(int wanted) throws InterruptedException {
    for (int i = 0; i < 500 && inside.get() < wanted; i++) {
      TimeUnit.MILLISECONDS.sleep(10);
    }
    assertThat(inside).hasValue(wanted);
  }

  @Test
  void noMoreAreWorkedAtOnceThanThereArePlacesAndAllGetTheirTurn() throws Exception {
    Turnstile turnstile = new Turnstile(2, LONG);
    List<Future<?>> asked = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      asked.add(ask(turnstile, get("/api/yard")));
    }
    waitForInside(2);
    TimeUnit.MILLISECONDS.sleep(100);
    assertThat(inside).hasValue(2);
    done.countDown();
    for (Future<?> one : asked) {
      one.get(10, TimeUnit.SECONDS);
    }
    assertThat(inside).hasValue(6);
  }

  @Test
  void whereNoPlaceComesFreeOneGoesThroughWithout() throws Exception {
    Turnstile turnstile = new Turnstile(1, Duration.ofMillis(50));
    ask(turnstile, get("/api/yard"));
    waitForInside(1);
    ask(turnstile, get("/api/yard"));
    waitForInside(2);
  }

  @Test
  void whoIsStillSendingHoldsNoPlaceAndThePagesFilesNeedNone() throws Exception {
    Turnstile turnstile = new Turnstile(1, LONG);
    MockHttpServletRequest sending =
        new MockHttpServletRequest("PUT", "/api/jobs/1/photos/2") {
          @Override
          public long getContentLengthLong() {
            return 5_000_000;
          }
        };
    ask(turnstile, sending);
    waitForInside(1);
    ask(turnstile, get("/api/yard"));
    waitForInside(2);
    ask(turnstile, get("/assets/page.js"));
    waitForInside(3);
  }
}
