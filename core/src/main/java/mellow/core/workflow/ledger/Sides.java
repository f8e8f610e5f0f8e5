package mellow.core.workflow.ledger;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.vehicle.Side;

/** The side that somebody named in what they called out, in any language that is offered. */
final class Sides {
  private static final Map<String, Side> NAMES =
      Map.of(
          "left",
          Side.LEFT,
          "right",
          Side.RIGHT,
          "links",
          Side.LEFT,
          "rechts",
          Side.RIGHT,
          "linke",
          Side.LEFT,
          "rechte",
          Side.RIGHT,
          "linker",
          Side.LEFT,
          "rechter",
          Side.RIGHT,
          "linkes",
          Side.LEFT,
          "rechtes",
          Side.RIGHT);

  private static final Pattern NAMED =
      Pattern.compile(
          "(?<!\\p{L})(" + String.join("|", NAMES.keySet()) + ")(?!\\p{L})",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

  private static final Pattern WITH_COMMA =
      Pattern.compile(",? ?" + NAMED.pattern(), NAMED.flags());

  private Sides() {}

  static Optional<Side> of(String words) {
    Matcher named = NAMED.matcher(words);
    return named.find()
        ? Optional.ofNullable(NAMES.get(named.group(1).toLowerCase(Locale.ROOT)))
        : Optional.empty();
  }

  /** The words without the side, so that both sides read alike. */
  static String without(String words) {
    return WITH_COMMA.matcher(words).replaceAll("").strip();
  }
}
