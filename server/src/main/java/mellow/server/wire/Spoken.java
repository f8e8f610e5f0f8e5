package mellow.server.wire;

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

  private static Speech speech() {
    return Speech.of(LocaleContextHolder.getLocale());
  }
}
