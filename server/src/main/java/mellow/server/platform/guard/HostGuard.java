package mellow.server.platform.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;
import mellow.server.platform.PlatformWords;
import mellow.server.platform.Problems;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under names that are this installation's own, and lets nothing be written from a
 * page of another origin: a foreign page that makes its name point here would otherwise speak as
 * this one.
 */
@Component
@Order(-10)
class HostGuard extends OncePerRequestFilter {
  private static final Pattern LOOPBACK = Pattern.compile("127(\\.\\d{1,3}){3}|localhost|\\[::1]");
  private static final Set<String> EVERYWHERE = Set.of("0.0.0.0", "::");
  private static final Pattern ADDRESS =
      Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.]+]");
  private static final Set<String> READS = Set.of("GET", "HEAD");

  private final Set<String> names;

  HostGuard(@Value("${mellow.hosts:}") Set<String> names) {
    this.names = names;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String host = request.getHeader("Host");
    if (!isOwn(name(host))) {
      refuse(request, response, HttpStatus.FORBIDDEN, PlatformWords.otherHost());
    } else if (!READS.contains(request.getMethod())
        && !isOfHost(request.getHeader("Origin"), host)) {
      refuse(request, response, HttpStatus.FORBIDDEN, PlatformWords.otherOrigin());
    } else if (String.valueOf(request.getContentType()).contains("*")) {
      refuse(request, response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, PlatformWords.contentType());
    } else {
      chain.doFilter(request, response);
    }
  }

  /**
   * Where it listens at every address, any of them is its own; a name is not: names can be bent.
   */
  private boolean isOwn(String name) {
    return LOOPBACK.matcher(name).matches()
        || names.contains(name)
        || names.stream().anyMatch(EVERYWHERE::contains) && ADDRESS.matcher(name).matches();
  }

  /** The name without its port. */
  private static String name(@Nullable String host) {
    return host == null ? "" : host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
  }

  /** Programs send no origin; a page's own is the host that it was asked from. */
  private static boolean isOfHost(@Nullable String origin, @Nullable String host) {
    if (origin == null) {
      return true;
    }
    try {
      return String.valueOf(URI.create(origin).getAuthority()).equalsIgnoreCase(host);
    } catch (IllegalArgumentException noOrigin) {
      return false;
    }
  }

  private static void refuse(
      HttpServletRequest request, HttpServletResponse response, HttpStatus status, Sentence says)
      throws IOException {
    response.setStatus(status.value());
    response.setContentType("application/problem+json");
    response.getWriter().write(Problems.text(status.value(), says, request.getLocale()));
  }
}
