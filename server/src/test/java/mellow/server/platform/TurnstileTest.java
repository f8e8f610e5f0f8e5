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

  private static Turnstile.Limits limits(Duration patience, int heavyWaiting, int sending) {
    return new Turnstile.Limits(patience, LONG, heavyWaiting, sending);
  }

  private Future<MockHttpServletResponse> ask(Turnstile turnstile, MockHttpServletRequest request) {
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
          MockHttpServletResponse response = new MockHttpServletResponse();
          turnstile.doFilter(request, response, work);
          return response;
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
    Turnstile turnstile = new Turnstile(2, limits(LONG, 10, 10));
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
    Turnstile turnstile = new Turnstile(1, limits(Duration.ofMillis(50), 10, 10));
    ask(turnstile, get("/api/yard"));
    waitForInside(1);
    ask(turnstile, get("/api/yard"));
    waitForInside(2);
  }

  @Test
  void whoIsStillSendingHoldsNoPlaceAndThePagesFilesNeedNone() throws Exception {
    Turnstile turnstile = new Turnstile(1, limits(LONG, 10, 1));
    ask(turnstile, stillSending());
    waitForInside(1);
    ask(turnstile, get("/api/yard"));
    waitForInside(2);
    ask(turnstile, get("/assets/page.js"));
    waitForInside(3);
  }

  private static MockHttpServletRequest stillSending() {
    return new MockHttpServletRequest("PUT", "/api/jobs/1/photos/2") {
      @Override
      public long getContentLengthLong() {
        return 5_000_000;
      }
    };
  }

  @Test
  void nothingLightWaitsBehindWhatIsHeavyAndTooManyHeavyOnesAreToldToComeBack() throws Exception {
    Turnstile turnstile = new Turnstile(1, limits(LONG, 2, 10));
    for (int i = 0; i < 3; i++) {
      ask(turnstile, get("/api/calc/feed/proposals"));
    }
    waitForInside(1);
    MockHttpServletResponse shed = null;
    for (int i = 0; shed == null && i < 500; i++) {
      // the two that wait may not have come yet
      Future<MockHttpServletResponse> one = ask(turnstile, get("/api/jobs/1/feed"));
      TimeUnit.MILLISECONDS.sleep(10);
      shed = one.isDone() ? one.get() : null;
    }
    assertThat(shed).isNotNull();
    assertThat(shed.getStatus()).isEqualTo(503);
    assertThat(shed.getHeader("Retry-After")).isEqualTo("2");
    assertThat(shed.getContentAsString()).contains("Nothing was stored");
    ask(turnstile, get("/api/yard"));
    waitForInside(2);
  }

  @Test
  void onlySoManyAreSendingAtATime() throws Exception {
    Turnstile turnstile = new Turnstile(4, limits(LONG, 10, 1));
    ask(turnstile, stillSending());
    waitForInside(1);
    assertThat(ask(turnstile, stillSending()).get(10, TimeUnit.SECONDS).getStatus()).isEqualTo(503);
  }
}
