package mellow.server.platform;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * What a request looks back at: all that was kept up to a line of the record, and nothing since.
 *
 * @param line its number; lines of all jobs and bays are numbered in one row
 * @param at the latest moment of what it looks at
 */
public record EarlierMoment(long line, Instant at) {
  private static final String ASKED = EarlierMoment.class.getName();

  /** What the request of this thread looks back at; empty where it sees today. */
  public static Optional<EarlierMoment> asked() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request == null
        ? Optional.empty()
        : Optional.ofNullable(
            (EarlierMoment) request.getAttribute(ASKED, RequestAttributes.SCOPE_REQUEST));
  }

  /** The number of the last line that it sees; empty where it sees all. */
  public static OptionalLong lastLine() {
    return asked().map(moment -> OptionalLong.of(moment.line())).orElse(OptionalLong.empty());
  }

  static void ask(RequestAttributes request, EarlierMoment moment) {
    request.setAttribute(ASKED, moment, RequestAttributes.SCOPE_REQUEST);
  }
}
