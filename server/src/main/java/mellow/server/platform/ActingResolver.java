package mellow.server.platform;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/** Takes the acting person from the header {@code X-Acting-As}, percent-encoded UTF-8. */
@Component
class ActingResolver implements HandlerMethodArgumentResolver {
  private final Clock clock;

  ActingResolver(Clock clock) {
    this.clock = clock;
  }

  static final String HEADER = "X-Acting-As";
  private static final int LONGEST_NAME = 60;

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == Acting.class;
  }

  @Override
  public Acting resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer container,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory factory) {
    String header = request.getHeader(HEADER);
    return new Acting(Acting.ONLY_SHOP, header == null ? "" : name(header), clock.instant());
  }

  private static String name(String header) {
    String name;
    try {
      name = URLDecoder.decode(header, StandardCharsets.UTF_8).strip();
    } catch (IllegalArgumentException e) {
      throw Refusal.unprocessable("person", PlatformWords.nameNotEncoded(HEADER));
    }
    if (name.length() > LONGEST_NAME) {
      throw Refusal.unprocessable("person", PlatformWords.nameTooLong(LONGEST_NAME));
    }
    return name;
  }
}
