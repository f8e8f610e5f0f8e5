package mellow.e2e.screen;

import java.util.regex.Pattern;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;
import mellow.words.Catalogue;

/** What the application says in English, by the keys of its catalogue. */
public final class Said {
  /** Words of a sentence that may be anything. */
  public static final String ANY = "\uE000";

  private static final String ANYTHING = ".*";

  /** A place for a figure, and {@link #ANY}, as {@link #literally} leaves them. */
  private static final String OPEN = "\\\\\\{\\d+\\\\}|\\\\" + ANY;

  private Said() {}

  /** A sentence as it is shown in metric units. */
  public static String say(Sentence sentence) {
    return Speech.ENGLISH.text(sentence, UnitSystem.METRIC);
  }

  /** A sentence with its figures, whatever stands for {@link #ANY}. */
  public static Pattern saying(Sentence sentence) {
    return open(say(sentence));
  }

  /** A sentence whatever its figures are, and whatever stands for {@link #ANY}. */
  public static Pattern sayingAnyFigures(Sentence sentence) {
    return open(Speech.ENGLISH.written(sentence).pattern());
  }

  private static Pattern open(String text) {
    return Pattern.compile(literally(text).replaceAll(OPEN, ANYTHING));
  }

  /**
   * A sentence whatever stands in it: for one whose counts are not known.
   *
   * @param key feature and key: "harness.guardNotKnown"
   */
  public static Pattern sayingOf(String key) {
    String text =
        Catalogue.shipped()
            .message(Catalogue.FIRST, key)
            .orElseThrow(() -> new IllegalArgumentException(key))
            .text();
    StringBuilder pattern = new StringBuilder();
    int depth = 0;
    for (char one : text.toCharArray()) {
      if (one == '{' && depth++ == 0) {
        pattern.append(ANYTHING);
      } else if (one == '}') {
        depth--;
      } else if (depth == 0) {
        pattern.append(literally(String.valueOf(one)));
      }
    }
    return Pattern.compile(pattern.toString());
  }

  /** Quoted for the browser's regular expressions, which know no quoting of whole texts. */
  static String literally(String text) {
    return text.replaceAll("[^\\p{L}\\d ]", "\\\\$0");
  }
}
