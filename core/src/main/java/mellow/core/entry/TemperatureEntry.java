package mellow.core.entry;

import java.util.Locale;
import mellow.core.finding.Sentence;
import mellow.core.measure.Temperature;

/**
 * Reads a temperature with its unit, "220 °F" or "104 C", into degrees Celsius. A bare number is
 * refused: 290 of one is a hot oven, of the other a fire.
 */
public final class TemperatureEntry {
  private static final Sentence EXAMPLE = EntryWords.exampleTemperature();
  private static final double ABSOLUTE_ZERO = -273.15;
  private static final double MOST_CELSIUS = 1000;

  private TemperatureEntry() {}

  /** The temperature in degrees Celsius, or the refusal. */
  public static Entry<Double> readCelsius(String typed) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      int sign = scanner.sign();
      double number = sign * scanner.number();
      int at = scanner.position();
      String unit = scanner.word();
      if (unit.equals("°")) {
        unit = scanner.word();
      }
      scanner.expectEnd();
      double celsius =
          switch (unit.toUpperCase(Locale.ROOT)) {
            case "C" -> number;
            case "F" -> Temperature.celsius(number);
            case "" -> throw scanner.problem(at, EntryWords.temperatureUnit());
            default -> throw scanner.problem(at, EntryWords.noTemperatureUnit(unit));
          };
      if (celsius < ABSOLUTE_ZERO || celsius > MOST_CELSIUS) {
        throw scanner.problem(0, EntryWords.noThermometer());
      }
      return new Entry.Accepted<>(typed, celsius);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }
}
