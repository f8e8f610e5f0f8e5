package mellow.core.finding;

import java.util.ArrayList;
import java.util.List;
import mellow.core.measure.UnitSystem;

/**
 * A sentence for people whose figures follow the unit system: "{0} too high for the rule".
 *
 * @param pattern the text, with {@code {0}}, {@code {1}} … where the figures go
 * @param figures the figures, in that order
 */
public record Sentence(String pattern, List<Figure> figures) {
  /** Half of the last place shown: what rounds to 0.00 % is called level. */
  private static final double LEVEL_PERCENT = 0.005;

  private static final String[] PLACES = {"{0}", "{1}", "{2}", "{3}", "{4}", "{5}"};

  public static final Sentence EMPTY = of("");

  public Sentence {
    figures = List.copyOf(figures);
    for (int i = 0; i < figures.size(); i++) {
      if (!pattern.contains(place(i))) {
        throw new IllegalArgumentException("no place for figure " + i + " in: " + pattern);
      }
    }
  }

  private static String place(int index) {
    return index < PLACES.length ? PLACES[index] : "{" + index + "}";
  }

  public static Sentence of(String pattern, Figure... figures) {
    return new Sentence(pattern, List.of(figures));
  }

  /** The sentence with its figures filled in. */
  public String text(UnitSystem system) {
    String text = pattern;
    for (int i = 0; i < figures.size(); i++) {
      text = text.replace(place(i), figures.get(i).text(system));
    }
    return text;
  }

  public static Builder build() {
    return new Builder();
  }

  /** Puts a sentence together piece by piece. */
  public static final class Builder {
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

    /** An inclination as people say it: "1.20 % down", "0.30 % up", "level". */
    public Builder inclination(double percent) {
      if (Math.abs(percent) < LEVEL_PERCENT) {
        return text("level");
      }
      return figure(Figure.percent(Math.abs(percent))).text(percent < 0 ? " down" : " up");
    }

    /** Appends a whole sentence. */
    public Builder sentence(Sentence other) {
      String moved = other.pattern();
      for (int i = other.figures().size() - 1; i >= 0; i--) {
        moved = moved.replace("{" + i + "}", "{" + (i + figures.size()) + "}");
      }
      pattern.append(moved);
      figures.addAll(other.figures());
      return this;
    }

    public Sentence done() {
      return new Sentence(pattern.toString(), figures);
    }
  }
}
