package mellow.server.wire;

import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;
import org.springframework.context.i18n.LocaleContextHolder;

/** What the core says, in the language of whoever asks. */
public final class Spoken {
  private Spoken() {}

  /** The words with places for the figures. */
  static Sentence.Written written(Sentence sentence) {
    return speech().written(sentence);
  }

  public static String text(Sentence sentence, UnitSystem units) {
    return speech().text(sentence, units);
  }

  /** Words without figures: a label, a title. */
  public static String words(Sentence sentence) {
    return written(sentence).pattern();
  }

  /** Words of shipped data, or typed ones, as they are. */
  public static String typed(String text) {
    return words(Sentence.typed(text));
  }

  /** The words of several. */
  public static List<String> all(List<Sentence> sentences) {
    return sentences.stream().map(Spoken::words).toList();
  }

  /** A constant's own words: "low beam". */
  public static String term(Enum<?> constant) {
    return words(Sentence.term(constant));
  }

  /** The same as a label: "Low beam". */
  public static String label(Enum<?> constant) {
    return words(Sentence.term(constant).capital());
  }

  /** A figure with its unit, as the language writes it. */
  public static String text(Figure figure, UnitSystem units) {
    return speech().text(figure, units);
  }

  /** A number of a plan, as the language writes it. */
  public static String decimal(String typed) {
    return speech().decimal(typed);
  }

  /** The code of the language that is spoken: "en". */
  public static String language() {
    return speech().language();
  }

  /** Makes something in another language than that of whoever asks. */
  public static <T> T in(String language, Supplier<T> made) {
    Locale asked = LocaleContextHolder.getLocale();
    LocaleContextHolder.setLocale(Locale.forLanguageTag(language));
    try {
      return made.get();
    } finally {
      LocaleContextHolder.setLocale(asked);
    }
  }

  static Speech speech() {
    return Speech.of(LocaleContextHolder.getLocale());
  }
}
