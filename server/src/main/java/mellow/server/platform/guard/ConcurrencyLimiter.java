package mellow.server.platform.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import mellow.server.platform.PlatformWords;
import mellow.server.platform.Problems;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets as many requests be worked at once as the machine has cores; the others wait their turn,
 * first come first served. More at once only take the cores from each other: measured, all of them
 * then take up to twice as long.
 *
 * <p>What takes long to work out has places of its own, so that nothing light waits behind it;
 * where too many of them wait already, or one has waited for long, it is told to come back. Light
 * ones are never turned away: where a place does not come free for a while, because the database
 * hangs, say, one goes through without. Whoever is still sending holds no place of either kind, and
 * only so many may be sending at a time.
 */
@Component
@Order(0)
class ConcurrencyLimiter extends OncePerRequestFilter {
  private static final Pattern HEAVY =
      Pattern.compile(
          "/api/calc/feed(/.*)?|/api/calc/place(/.*)?|/api/jobs/[^/]+/(feed(/.*)?|pack\\.pdf"
              + "|job\\.zip|place/template\\..*|photos/[^/]+)");
  private static final int BUSY = 503;
  private static final String COME_BACK_SECONDS = "2";

  private final Semaphore light;
  private final Semaphore heavy;
  private final Semaphore sending;
  private final Limits limits;

  /**
   * How long and how many.
   *
   * @param patience after which a light request goes through without a place
   * @param heavyPatience after which a heavy one is told to come back
   * @param heavyWaiting so many heavy ones wait at most
   * @param sending so many are still being sent at most
   */
  record Limits(Duration patience, Duration heavyPatience, int heavyWaiting, int sending) {
    static final Limits USUAL = new Limits(Duration.ofMillis(500), Duration.ofSeconds(20), 60, 60);
  }

  @Autowired
  ConcurrencyLimiter() {
    this(Runtime.getRuntime().availableProcessors(), Limits.USUAL);
  }

  ConcurrencyLimiter(int places, Limits limits) {
    this.light = new Semaphore(places, true);
    this.heavy = new Semaphore(places, true);
    this.sending = new Semaphore(limits.sending(), true);
    this.limits = limits;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!isHere(request)) {
      through(sending, sending.tryAcquire(), request, response, chain);
    } else if (HEAVY.matcher(request.getRequestURI()).matches()) {
      boolean waits = heavy.getQueueLength() < limits.heavyWaiting();
      through(heavy, waits && placeIn(heavy, limits.heavyPatience()), request, response, chain);
    } else if (placeIn(light, limits.patience())) {
      through(light, true, request, response, chain);
    } else {
      chain.doFilter(request, response);
    }
  }

  private static void through(
      Semaphore places,
      boolean mine,
      HttpServletRequest request,
      HttpServletResponse response,
      FilterChain chain)
      throws ServletException, IOException {
    if (!mine) {
      response.setStatus(BUSY);
      response.setHeader(HttpHeaders.RETRY_AFTER, COME_BACK_SECONDS);
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.getWriter().write(Problems.text(BUSY, PlatformWords.busy(), request.getLocale()));
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      places.release();
    }
  }

  private static boolean isHere(HttpServletRequest request) throws IOException {
    long length = request.getContentLengthLong();
    if (length < 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
      return false;
    }
    return length <= 0 || request.getInputStream().available() >= length;
  }

  private static boolean placeIn(Semaphore places, Duration patience) {
    try {
      return places.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
