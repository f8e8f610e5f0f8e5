package mellow.words;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the words of shipped data are in another language. A name may stand on a side ("left fog
 * lamp") or be one of several ("relay 2") without standing in the list so.
 */
record Data(Map<String, String> words) {
  static final Data NONE = new Data(Map.of());

  private static final Pattern SIDED = Pattern.compile("(left|right) (.+)");
  private static final Pattern COUNTED = Pattern.compile("(.+) (\\d+)");

  /** What stands between the names and texts of plans that share a circuit. */
  private static final List<String> BETWEEN = List.of("\n", " + ");

  static Data of(Map<String, String> words) {
    return new Data(Map.copyOf(words));
  }

  Optional<String> said(String text) {
    String known = words.get(text);
    if (known != null || words.isEmpty()) {
      return Optional.ofNullable(known);
    }
    for (String between : BETWEEN) {
      if (text.contains(between)) {
        return Optional.of(
            Stream.of(text.split(Pattern.quote(between), -1))
                .map(part -> said(part).orElse(part))
                .collect(Collectors.joining(between)));
      }
    }
    Matcher sided = SIDED.matcher(text);
    if (sided.matches()) {
      return said(sided.group(2)).map(name -> name + " " + words.getOrDefault(sided.group(1), ""));
    }
    Matcher counted = COUNTED.matcher(text);
    return counted.matches()
        ? said(counted.group(1)).map(name -> name + " " + counted.group(2))
        : Optional.empty();
  }
}
