package mellow.core.finding;

import java.util.Collection;
import java.util.List;
import mellow.core.measure.UnitSystem;
import mellow.core.words.Speech;

/** What a sentence says, in English. */
public final class Said {
  private Said() {}

  /** With places for its figures. */
  public static String pattern(Sentence sentence) {
    return Speech.ENGLISH.written(sentence).pattern();
  }

  public static String pattern(Remedy remedy) {
    return pattern(remedy.says());
  }

  /** The key alone: "feed.fedTwice"; of a constant, its name in the catalogue. */
  public static String key(Sentence sentence) {
    if (sentence instanceof Sentence.Capital capital) {
      return key(capital.of());
    }
    return sentence instanceof Sentence.Keyed keyed ? keyed.key() : text(sentence);
  }

  /** What several say. */
  public static List<String> texts(Collection<Sentence> sentences) {
    return sentences.stream().map(Said::text).toList();
  }

  /** The figures alone, in the order in which they stand. */
  public static List<Figure> figures(Sentence sentence) {
    return Speech.ENGLISH.written(sentence).figures();
  }

  public static List<Figure> figures(Remedy remedy) {
    return figures(remedy.says());
  }

  public static String text(Remedy remedy) {
    return text(remedy.says());
  }

  /** With its figures, in metric units. */
  public static String text(Sentence sentence) {
    return Speech.ENGLISH.text(sentence, UnitSystem.METRIC);
  }
}
