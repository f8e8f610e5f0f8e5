package mellow.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.servlet.HandlerInterceptor;

/**
 * Settles which moment a request sees: today, or with the header {@code X-As-Of} (a link to a file:
 * the parameter {@code asOf}) what was kept up to that line of the record. Such a request changes
 * nothing.
 */
@Component
class LookingBack implements HandlerInterceptor {
  static final String HEADER = "X-As-Of";
  static final String PARAMETER = "asOf";

  private static final Pattern NUMBER = Pattern.compile("\\d{1,15}");
  private static final Set<String> READING = Set.of("GET", "HEAD");

  /** What is worked out there is kept nowhere. */
  private static final String WITHOUT_MEMORY = "/api/calc/";

  private final Moments moments;

  LookingBack(Moments moments) {
    this.moments = moments;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    String asked = asked(request);
    if (asked == null || asked.isEmpty()) {
      return true;
    }
    if (!READING.contains(request.getMethod())
        && !request.getRequestURI().startsWith(WITHOUT_MEMORY)) {
      throw Refusal.conflict("asOf", PlatformWords.nothingThen());
    }
    if (!NUMBER.matcher(asked).matches()) {
      throw Refusal.unprocessable("asOf", PlatformWords.notANumber(asked));
    }
    long line = Long.parseLong(asked);
    EarlierMoment.ask(
        new ServletWebRequest(request),
        new EarlierMoment(line, moments.upTo(Acting.ONLY_SHOP, line)));
    return true;
  }

  private static @Nullable String asked(HttpServletRequest request) {
    String header = request.getHeader(HEADER);
    return header == null && READING.contains(request.getMethod())
        ? request.getParameter(PARAMETER)
        : header;
  }
}
