package mellow.core.entry;

import java.time.Duration;
import java.util.Locale;
import mellow.core.finding.Sentence;

/**
 * Reads how long something takes: "5 min", "1 h 30 min", "90 s", "24 h". A bare number: minutes.
 */
public final class DurationEntry {
  private static final Sentence EXAMPLE = EntryWords.exampleTime();

  /** Nothing on a bench takes longer than a week. */
  public static final Duration LONGEST = Duration.ofDays(7);

  private DurationEntry() {}

  /** The time, from one second to a week, or the refusal. */
  public static Entry<Duration> read(String typed) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      double seconds = 0;
      double least = Double.POSITIVE_INFINITY;
      while (!scanner.atEnd()) {
        int start = scanner.position();
        double number = scanner.number();
        double unit = unit(scanner, least);
        if (unit >= least) {
          throw scanner.problem(start, EntryWords.timeOrder());
        }
        least = unit;
        seconds += number * unit;
      }
      if (seconds < 1 || seconds > LONGEST.toSeconds()) {
        throw scanner.problem(0, EntryWords.timerRange());
      }
      return new Entry.Accepted<>(typed, Duration.ofSeconds(Math.round(seconds)));
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static double unit(EntryScanner scanner, double before) throws EntryProblem {
    int at = scanner.position();
    String unit = scanner.word().toLowerCase(Locale.ROOT);
    return switch (unit) {
      case "d", "day", "days", "tag", "tage" -> 86_400;
      case "h", "hr", "hour", "hours", "std", "stunde", "stunden" -> 3600;
      case "m", "min", "mins", "minute", "minutes", "minuten" -> 60;
      case "s", "sec", "secs", "second", "seconds", "sek", "sekunde", "sekunden" -> 1;
      // "1 h 30" goes on in the next smaller unit
      case "" -> before == 3600 || Double.isInfinite(before) ? 60 : 1;
      default -> throw scanner.problem(at, EntryWords.noTimeUnit(unit));
    };
  }
}
