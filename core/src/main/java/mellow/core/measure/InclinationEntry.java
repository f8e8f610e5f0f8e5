package mellow.core.measure;

import java.util.Locale;

/**
 * Reads an inclination: "1.2 %", "1,2", "0.38°", "0°34'", "34'". A bare number is in percent. The
 * sign stays as typed.
 */
public final class InclinationEntry {
  private static final String EXAMPLE = "For example 1.2 %, 0.69° or 0°41'.";
  private static final double STEEPEST_PERCENT = 100;

  private InclinationEntry() {}

  /** The inclination in percent, or the refusal. */
  public static Entry<Double> readPercent(String typed) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      int sign = scanner.sign();
      double percent = sign * unsignedPercent(scanner);
      scanner.expectEnd();
      if (Math.abs(percent) > STEEPEST_PERCENT) {
        throw scanner.problem(0, "That is steeper than 45°, which no beam is.");
      }
      return new Entry.Accepted<>(typed, percent);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static double unsignedPercent(EntryScanner scanner) throws EntryProblem {
    double number = scanner.number();
    int start = scanner.position();
    String word = scanner.word().toLowerCase(Locale.ROOT);
    return switch (word) {
      case "", "%", "percent" -> number;
      case "°", "deg", "degree", "degrees" ->
          Inclination.percentOfDegrees(number + minutes(scanner) / 60);
      case "'", "′", "’", "min" -> Inclination.percentOfDegrees(number / 60);
      default -> throw scanner.problem(start, "“" + word + "” is neither percent nor degrees.");
    };
  }

  private static double minutes(EntryScanner scanner) throws EntryProblem {
    if (scanner.atEnd()) {
      return 0;
    }
    int start = scanner.position();
    double minutes = scanner.number();
    if (minutes >= 60) {
      throw scanner.problem(start, "Minutes go up to 59; 60 make a degree.");
    }
    scanner.word();
    return minutes;
  }
}
