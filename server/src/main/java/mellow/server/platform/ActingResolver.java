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

/**
 * Takes the acting person from the header {@code X-Acting-As} and what the device is called from
 * {@code X-Device}, both percent-encoded UTF-8.
 */
@Component
public class ActingResolver implements HandlerMethodArgumentResolver {
  private final Clock clock;

  ActingResolver(Clock clock) {
    this.clock = clock;
  }

  public static final String HEADER = "X-Acting-As";
  public static final String DEVICE = "X-Device";
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
    return new Acting(
        Acting.ONLY_SHOP,
        name(request, HEADER, "person"),
        name(request, DEVICE, "device"),
        EarlierMoment.asked().map(EarlierMoment::at).orElseGet(clock::instant));
  }

  private static String name(NativeWebRequest request, String named, String field) {
    String header = request.getHeader(named);
    return header == null ? "" : decoded(named, field, header);
  }

  private static String decoded(String named, String field, String header) {
    String name;
    try {
      name = URLDecoder.decode(header, StandardCharsets.UTF_8).strip();
    } catch (IllegalArgumentException e) {
      throw Refusal.unprocessable(field, PlatformWords.nameNotEncoded(named));
    }
    if (name.length() > LONGEST_NAME) {
      throw Refusal.unprocessable(field, PlatformWords.nameTooLong(LONGEST_NAME));
    }
    return name;
  }
}
