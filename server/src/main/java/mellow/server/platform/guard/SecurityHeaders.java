package mellow.server.platform.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Strict headers on every answer. Styles made at run time carry a nonce; nothing else is inline.
 */
@Component
@Order(0)
class SecurityHeaders extends OncePerRequestFilter {
  static final String NONCE = SecurityHeaders.class.getName() + ".nonce";
  private static final SecureRandom RANDOM = new SecureRandom();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    byte[] bytes = new byte[16];
    RANDOM.nextBytes(bytes);
    String nonce = HexFormat.of().formatHex(bytes);
    request.setAttribute(NONCE, nonce);
    response.setHeader(
        "Content-Security-Policy",
        "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-"
            + nonce
            + "'; font-src 'self'; img-src 'self' data: blob:; connect-src 'self'; base-uri 'none';"
            + " form-action 'none'; frame-ancestors 'none'");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("X-Frame-Options", "DENY");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    response.setHeader("Permissions-Policy", "camera=(), geolocation=(), microphone=()");
    if (request.getRequestURI().startsWith("/api")) {
      response.setHeader("Cache-Control", "no-store");
    }
    chain.doFilter(request, response);
  }
}
