package mellow.server.print;

import java.util.regex.Pattern;
import org.springframework.web.util.HtmlUtils;

/** Words as parts of markup. */
public final class Markup {
  /** What XML 1.0 cannot hold (section 2.2). */
  private static final Pattern NO_XML =
      Pattern.compile("[^\t\n\r\\x20-\uD7FF\uE000-\uFFFD\\x{10000}-\\x{10FFFF}]");

  private Markup() {}

  /** Escaped; characters that no XML can hold become spaces. */
  public static String escaped(String words) {
    return HtmlUtils.htmlEscape(NO_XML.matcher(words).replaceAll(" "), "UTF-8");
  }
}
