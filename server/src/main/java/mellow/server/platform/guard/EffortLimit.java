package mellow.server.platform.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import mellow.core.effort.Effort;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No answer takes more work than anybody would wait for. */
@Component
@Order(2)
class EffortLimit extends OncePerRequestFilter {
  private static final Duration MOST = Duration.ofSeconds(15);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try (Effort.Limit limit = Effort.limit(MOST)) {
      chain.doFilter(request, response);
    }
  }
}
