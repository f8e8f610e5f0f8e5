package mellow.core.entry;

import java.util.Locale;
import mellow.core.finding.Sentence;

/**
 * Reads how far an adjuster was turned: "1 3/4", "1.75 turns", "270° cw", "1/2 anticlockwise",
 * "−1/4". Positive is clockwise, seen facing the screw's head.
 */
public final class TurnsEntry {
  private static final Sentence EXAMPLE = EntryWords.exampleTurns();
  private static final double MOST_TURNS = 100;

  private TurnsEntry() {}

  /** The turns, clockwise positive, or the refusal. */
  public static Entry<Double> readTurns(String typed) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      int sign = scanner.sign();
      double turns = scanner.number();
      if (scanner.takes("°")
          || scanner.takes("deg")
          || scanner.takes("degrees")
          || scanner.takes("grad")) {
        turns /= 360;
      }
      int direction = direction(scanner);
      if (sign < 0 && direction != 0) {
        throw scanner.problem(0, EntryWords.minusOrDirection());
      }
      if (turns > MOST_TURNS) {
        throw scanner.problem(0, EntryWords.tooManyTurns());
      }
      return new Entry.Accepted<>(typed, turns * (direction == 0 ? sign : direction));
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static int direction(EntryScanner scanner) throws EntryProblem {
    int direction = 0;
    while (!scanner.atEnd()) {
      int start = scanner.position();
      String word = scanner.word().toLowerCase(Locale.ROOT);
      switch (word) {
        case "turn", "turns", "umdrehung", "umdrehungen", "u" -> {}
        case "clockwise", "cw", "rechtsherum" -> direction = 1;
        case "anticlockwise", "counterclockwise", "ccw", "acw", "linksherum" -> direction = -1;
        default -> throw scanner.problem(start, EntryWords.noDirection());
      }
    }
    return direction;
  }
}
