package mellow.core.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something to be said. A keyed sentence is made in the reader's language and units at the moment
 * of showing; a written one has its words already.
 */
public sealed interface Sentence {
  Sentence EMPTY = of("");

  /**
   * A message of the catalogue.
   *
   * @param values its arguments: figures, counts, constants, truth values, words that somebody
   *     typed, sentences or lists of them
   */
  record Keyed(MessageKey message, List<Object> values) implements Sentence {

    /** Feature and key: "stance.tipped". */
    public String key() {
      return message.text();
    }

    /** The arguments by name. */
    public Map<String, Object> arguments() {
      Map<String, Object> arguments = new LinkedHashMap<>();
      for (int i = 0; i < values.size(); i++) {
        arguments.put(message.names().get(i), values.get(i));
      }
      return arguments;
    }
  }

  /**
   * Words with places for figures: "{0} too high for the rule".
   *
   * @param pattern the text, with {@code {0}}, {@code {1}} … where the figures go
   * @param figures the figures, in that order
   */
  record Written(String pattern, List<Figure> figures) implements Sentence {
    private static final String[] PLACES = {"{0}", "{1}", "{2}", "{3}", "{4}", "{5}"};

    public Written {
      figures = List.copyOf(figures);
      for (int i = 0; i < figures.size(); i++) {
        if (!pattern.contains(place(i))) {
          throw new IllegalArgumentException("no place for figure " + i + " in: " + pattern);
        }
      }
    }

    /** How the place of a figure is written: "{0}". */
    public static String place(int index) {
      return index < PLACES.length ? PLACES[index] : "{" + index + "}";
    }
  }

  /** Several parts, one straight behind the other. */
  record Joined(List<Sentence> parts) implements Sentence {
    public Joined {
      parts = List.copyOf(parts);
    }
  }

  /** A constant's own words: "low beam". */
  record Term(Enum<?> constant) implements Sentence {}

  /** The same with a capital at its start: as a label, or where it opens a sentence. */
  record Capital(Sentence of) implements Sentence {}

  static Sentence term(Enum<?> constant) {
    return new Term(constant);
  }

  /**
   * Words that somebody typed, or of data that ships with the product: those are said in the
   * reader's language.
   */
  record Typed(String words) implements Sentence {}

  static Sentence typed(String words) {
    return words.isEmpty() ? EMPTY : new Typed(words);
  }

  /** The same with a capital at its start. */
  default Sentence capital() {
    return new Capital(this);
  }

  /** A message of the catalogue with its arguments, in their order. */
  static Sentence keyed(MessageKey message, Object... values) {
    return new Keyed(message, List.of(values));
  }

  static Written of(String pattern, Figure... figures) {
    return new Written(pattern, List.of(figures));
  }

  /** One sentence after the other. */
  static Sentence inTurn(List<Sentence> sentences) {
    return joined(sentences, " ");
  }

  /** Several things that are said in one sentence, as a list. */
  static Sentence listed(List<Sentence> sentences) {
    return joined(sentences, "; ");
  }

  private static Sentence joined(List<Sentence> sentences, String by) {
    Builder all = build();
    for (Sentence one : sentences) {
      if (!one.isEmpty()) {
        all.text(all.isEmpty() ? "" : by).sentence(one);
      }
    }
    return all.done();
  }

  /** Nothing is to be said. */
  default boolean isEmpty() {
    return equals(EMPTY);
  }

  static Builder build() {
    return new Builder();
  }

  /** Puts a sentence together piece by piece. */
  final class Builder {
    private final List<Sentence> parts = new ArrayList<>();
    private final StringBuilder pattern = new StringBuilder();
    private final List<Figure> figures = new ArrayList<>();

    public Builder text(String text) {
      pattern.append(text);
      return this;
    }

    public Builder figure(Figure figure) {
      pattern.append('{').append(figures.size()).append('}');
      figures.add(figure);
      return this;
    }

    /** Appends a whole sentence. */
    public Builder sentence(Sentence other) {
      if (!(other instanceof Written written)) {
        closePart();
        parts.add(other);
        return this;
      }
      String moved = written.pattern();
      for (int i = written.figures().size() - 1; i >= 0; i--) {
        moved = moved.replace("{" + i + "}", "{" + (i + figures.size()) + "}");
      }
      pattern.append(moved);
      figures.addAll(written.figures());
      return this;
    }

    boolean isEmpty() {
      return parts.isEmpty() && pattern.length() == 0;
    }

    private void closePart() {
      if (pattern.length() > 0) {
        parts.add(new Written(pattern.toString(), figures));
        pattern.setLength(0);
        figures.clear();
      }
    }

    public Sentence done() {
      if (parts.isEmpty()) {
        return new Written(pattern.toString(), figures);
      }
      closePart();
      return parts.size() == 1 ? parts.get(0) : new Joined(parts);
    }
  }
}
