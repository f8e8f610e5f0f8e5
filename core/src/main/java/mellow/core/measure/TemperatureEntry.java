package mellow.core.measure;

import java.util.Locale;

/**
 * Reads a temperature with its unit, "220 °F" or "104 C", into degrees Celsius. A bare number is
 * refused: 290 of one is a hot oven, of the other a fire.
 */
public final class TemperatureEntry {
  private static final String EXAMPLE = "For example 220 °F or 104 °C.";
  private static final double ABSOLUTE_ZERO = -273.15;
  private static final double MOST_CELSIUS = 1000;

  private TemperatureEntry() {}

  /** Degrees Fahrenheit in degrees Celsius. */
  public static double celsius(double fahrenheit) {
    return (fahrenheit - 32) / 1.8;
  }

  /** Degrees Celsius in degrees Fahrenheit. */
  public static double fahrenheit(double celsius) {
    return celsius * 1.8 + 32;
  }

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
            case "F" -> celsius(number);
            case "" ->
                throw scanner.problem(
                    at, "A bare number is no temperature: write °F or °C behind it.");
            default -> throw scanner.problem(at, "“" + unit + "” is no unit of temperature.");
          };
      if (celsius < ABSOLUTE_ZERO || celsius > MOST_CELSIUS) {
        throw scanner.problem(0, "No thermometer of a workshop reads that.");
      }
      return new Entry.Accepted<>(typed, celsius);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }
}
