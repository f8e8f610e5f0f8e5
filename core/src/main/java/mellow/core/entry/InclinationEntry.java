package mellow.core.entry;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;
import mellow.core.measure.Inclination;
import mellow.core.measure.LengthUnit;

/**
 * Reads an inclination: "1.2 %", "1,2", "0.38°", "0°34'", "0°34'12\"", "34'", "1:100", "12 cm per
 * 10 m", "2 in at 25 ft". A bare number is in percent. The sign stays as typed; "down" makes it
 * negative, "up" positive.
 */
public final class InclinationEntry {
  private static final Sentence EXAMPLE = EntryWords.exampleInclination();

  /** A length in a distance, both with their units. */
  private static final Pattern DROP =
      Pattern.compile("(.*\\p{L}.*?)\\s+(?:per|at|in|on|over|auf|je|pro)\\s+(.*\\d\\s*\\p{L}.*)");

  private static final Pattern RATIO =
      Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*:\\s*(\\d+(?:[.,]\\d+)?)");
  private static final Pattern WAY = Pattern.compile("(?i)(.*?)\\s+(down|up|abwärts|aufwärts)\\s*");
  private static final double STEEPEST_PERCENT = 100;

  private InclinationEntry() {}

  /** The inclination in percent, or the refusal. */
  public static Entry<Double> readPercent(String typed) {
    try {
      Matcher way = WAY.matcher(typed);
      boolean said = way.matches();
      EntryScanner scanner = new EntryScanner(said ? way.group(1) : typed, EXAMPLE);
      int sign = scanner.sign();
      if (said && sign < 0) {
        throw scanner.problem(0, EntryWords.minusOrDirection());
      }
      double percent = sign * unsignedPercent(scanner);
      scanner.expectEnd();
      if (said && List.of("down", "abwärts").contains(way.group(2).toLowerCase(Locale.ROOT))) {
        percent = -percent;
      }
      if (Math.abs(percent) > STEEPEST_PERCENT) {
        throw scanner.problem(0, EntryWords.tooSteep());
      }
      return new Entry.Accepted<>(typed, percent);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static double unsignedPercent(EntryScanner scanner) throws EntryProblem {
    String rest = scanner.rest();
    Matcher ratio = RATIO.matcher(rest.strip());
    if (ratio.matches()) {
      scanner.skipRest();
      return percentOf(scanner, decimal(ratio.group(1)), decimal(ratio.group(2)));
    }
    Matcher drop = DROP.matcher(rest);
    if (drop.matches()) {
      scanner.skipRest();
      return percentOf(scanner, mm(scanner, drop.group(1)), mm(scanner, drop.group(2)));
    }
    double number = scanner.number();
    int start = scanner.position();
    String word = scanner.word().toLowerCase(Locale.ROOT);
    return switch (word) {
      case "", "%", "percent", "prozent" -> number;
      case "°", "deg", "degree", "degrees", "grad" ->
          Inclination.percentOfDegrees(number + minutes(scanner) / 60);
      case "'", "′", "’", "min" -> Inclination.percentOfDegrees(number / 60);
      default -> throw scanner.problem(start, EntryWords.noAngleUnit(word));
    };
  }

  private static double percentOf(EntryScanner scanner, double drop, double distance)
      throws EntryProblem {
    if (!(distance > 0)) {
      throw scanner.problem(0, EntryWords.distanceMissing());
    }
    return 100 * drop / distance;
  }

  private static double decimal(String number) {
    return Double.parseDouble(number.replace(',', '.'));
  }

  private static double mm(EntryScanner scanner, String typed) throws EntryProblem {
    Entry<Double> length = LengthEntry.readMm(typed.strip(), LengthUnit.MM);
    if (length instanceof Entry.Accepted<Double> accepted) {
      return accepted.value();
    }
    throw scanner.problem(0, ((Entry.Refused<Double>) length).why());
  }

  private static double minutes(EntryScanner scanner) throws EntryProblem {
    if (scanner.atEnd()) {
      return 0;
    }
    int start = scanner.position();
    double minutes = scanner.number();
    if (minutes >= 60) {
      throw scanner.problem(start, EntryWords.minutesTo59());
    }
    scanner.word();
    return minutes + seconds(scanner) / 60;
  }

  private static double seconds(EntryScanner scanner) throws EntryProblem {
    if (scanner.atEnd()) {
      return 0;
    }
    int start = scanner.position();
    double seconds = scanner.number();
    if (seconds >= 60) {
      throw scanner.problem(start, EntryWords.secondsTo59());
    }
    scanner.word();
    return seconds;
  }
}
