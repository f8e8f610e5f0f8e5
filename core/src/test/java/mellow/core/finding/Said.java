package mellow.core.finding;

import java.util.Collection;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
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

  /**
   * Key and arguments, as they are shown in metric units: "parts.plugsOpen all=2, open=1"; of what
   * has no key, what it says.
   */
  public static String keyed(Sentence sentence) {
    Sentence bare = sentence instanceof Sentence.Capital capital ? capital.of() : sentence;
    if (!(bare instanceof Sentence.Keyed keyed)) {
      return text(bare);
    }
    String arguments =
        new TreeMap<>(keyed.arguments())
            .entrySet().stream()
                .map(one -> one.getKey() + "=" + argument(one.getValue()))
                .collect(Collectors.joining(", "));
    return (keyed.key() + " " + arguments).strip();
  }

  /** Keys and arguments of several. */
  public static List<String> keyed(Collection<Sentence> sentences) {
    return sentences.stream().map(Said::keyed).toList();
  }

  /** An argument as it is shown in metric units; of a constant, its name. */
  static String argument(Object argument) {
    if (argument instanceof Figure figure) {
      return argument(Sentence.of("{0}", figure));
    }
    if (argument instanceof List<?> list) {
      return list.stream().map(Said::argument).collect(Collectors.joining(", "));
    }
    return argument instanceof Sentence sentence
        ? text(sentence).replace('\u2009', ' ')
        : String.valueOf(argument);
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
