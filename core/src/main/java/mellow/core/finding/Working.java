package mellow.core.finding;

import java.util.List;

/**
 * How a figure comes about, line by line, as one would write it on cardboard.
 *
 * @param lines in order; the last one's result is the figure itself
 */
public record Working(List<Line> lines) {
  public static final Working NONE = new Working(List.of());

  public Working {
    lines = List.copyOf(lines);
  }

  /**
   * One line.
   *
   * @param label what it gives: "cutoff, in percent"
   * @param formula in symbols: "100 × drop ÷ distance"; empty for a value that was read
   * @param filled the formula with this job's figures
   * @param result what comes out
   */
  public record Line(Sentence label, Sentence formula, Sentence filled, Figure result) {}

  public static Working of(Line... lines) {
    return new Working(List.of(lines));
  }

  public static Line read(Sentence label, Figure value) {
    return new Line(label, Sentence.EMPTY, Sentence.EMPTY, value);
  }
}
