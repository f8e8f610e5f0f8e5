package mellow.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets as many requests be worked at once as the machine has cores; the others wait their turn,
 * first come first served. More at once only take the cores from each other: measured, all of them
 * then take up to twice as long. Nobody waits for ever: where a place does not come free for a
 * while, because the database hangs, say, one goes through without.
 */
@Component
@Order(0)
class Turnstile extends OncePerRequestFilter {
  private static final Duration PATIENCE = Duration.ofMillis(500);

  private final Semaphore places;
  private final Duration patience;

  @Autowired
  Turnstile() {
    this(Runtime.getRuntime().availableProcessors(), PATIENCE);
  }

  Turnstile(int places, Duration patience) {
    this.places = new Semaphore(places, true);
    this.patience = patience;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean mine = isHere(request) && takePlace();
    try {
      chain.doFilter(request, response);
    } finally {
      if (mine) {
        places.release();
      }
    }
  }

  /** Whoever is still sending holds no place meanwhile. */
  private static boolean isHere(HttpServletRequest request) throws IOException {
    long length = request.getContentLengthLong();
    return length <= 0 || request.getInputStream().available() >= length;
  }

  private boolean takePlace() {
    try {
      return places.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
