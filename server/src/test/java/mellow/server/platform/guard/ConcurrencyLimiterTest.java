package mellow.server.platform.guard;

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

class ConcurrencyLimiterTest {
  private static final Duration LONG = Duration.ofSeconds(30);

  private final ExecutorService clients = Executors.newCachedThreadPool();
  private final CountDownLatch done = new CountDownLatch(1);
  private final AtomicInteger inside = new AtomicInteger();

  @AfterEach
  void end() {
    done.countDown();
    clients.shutdownNow();
  }

  private static ConcurrencyLimiter.Limits limits(
      Duration patience, int heavyWaiting, int sending) {
    return new ConcurrencyLimiter.Limits(patience, LONG, heavyWaiting, sending);
  }

  private Future<MockHttpServletResponse> ask(
      ConcurrencyLimiter limiter, MockHttpServletRequest request) {
    FilterChain work =
        (asked, answered) -> {
          inside.incrementAndGet();
          try {
            done.await();
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
        };
    return clients.submit(
        () -> {
          MockHttpServletResponse response = new MockHttpServletResponse();
          limiter.doFilter(request, response, work);
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
    ConcurrencyLimiter limiter = new ConcurrencyLimiter(2, limits(LONG, 10, 10));
    List<Future<?>> asked = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      asked.add(ask(limiter, get("/api/yard")));
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
    ConcurrencyLimiter limiter = new ConcurrencyLimiter(1, limits(Duration.ofMillis(50), 10, 10));
    ask(limiter, get("/api/yard"));
    waitForInside(1);
    ask(limiter, get("/api/yard"));
    waitForInside(2);
  }

  @Test
  void whoIsStillSendingHoldsNoPlaceAndThePagesFilesNeedNone() throws Exception {
    ConcurrencyLimiter limiter = new ConcurrencyLimiter(1, limits(LONG, 10, 1));
    ask(limiter, stillSending());
    waitForInside(1);
    ask(limiter, get("/api/yard"));
    waitForInside(2);
    ask(limiter, get("/assets/page.js"));
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
    ConcurrencyLimiter limiter = new ConcurrencyLimiter(1, limits(LONG, 2, 10));
    for (int i = 0; i < 3; i++) {
      ask(limiter, get("/api/calc/feed/proposals"));
    }
    waitForInside(1);
    MockHttpServletResponse shed = null;
    for (int i = 0; shed == null && i < 500; i++) {
      // the two that wait may not have come yet
      Future<MockHttpServletResponse> one = ask(limiter, get("/api/jobs/1/feed"));
      TimeUnit.MILLISECONDS.sleep(10);
      shed = one.isDone() ? one.get() : null;
    }
    assertThat(shed).isNotNull();
    assertThat(shed.getStatus()).isEqualTo(503);
    assertThat(shed.getHeader("Retry-After")).isEqualTo("2");
    assertThat(shed.getContentAsString()).contains("Nothing was stored");
    ask(limiter, get("/api/yard"));
    waitForInside(2);
  }

  @Test
  void onlySoManyAreSendingAtATime() throws Exception {
    ConcurrencyLimiter limiter = new ConcurrencyLimiter(4, limits(LONG, 10, 1));
    ask(limiter, stillSending());
    waitForInside(1);
    assertThat(ask(limiter, stillSending()).get(10, TimeUnit.SECONDS).getStatus()).isEqualTo(503);
  }
}
