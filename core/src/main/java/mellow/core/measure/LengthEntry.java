package mellow.core.measure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length as people write it: "668", "59,7 cm", "23 1/2 in", "25 ft 3 1/2 in", "6' 4\"",
 * "−12". A bare number has the job's unit, except behind feet, where it is inches.
 */
public final class LengthEntry {
  /** Longer than any workshop; beyond it a slip of the unit is likelier than a length. */
  private static final double LONGEST_MM = 1_000_000;

  private static final Pattern THREE_BEHIND_POINT =
      Pattern.compile("([1-9]\\d{0,2})\\.(\\d{3})(?!\\d)");

  private static final String EXAMPLE = "For example 668, 66.8 cm, 26 5/16 in or 25 ft 3 in.";

  private LengthEntry() {}

  /**
   * @param typed the text
   * @param bareUnit unit of a number without one
   * @return the length in mm, signed as typed, or the refusal
   */
  public static Entry<Double> readMm(String typed, LengthUnit bareUnit) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      int sign = scanner.sign();
      double mm = sign * sum(scanner, bareUnit);
      if (Math.abs(mm) > LONGEST_MM) {
        throw scanner.problem(0, "That is more than a kilometre.");
      }
      return new Entry.Accepted<>(typed, mm);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  private static double sum(EntryScanner scanner, LengthUnit bareUnit) throws EntryProblem {
    double mm = 0;
    Optional<LengthUnit> larger = Optional.empty();
    do {
      int start = scanner.position();
      double amount = scanner.number();
      LengthUnit unit = unit(scanner, larger, bareUnit);
      if (larger.isPresent()) {
        checkOrder(scanner, start, larger.get(), unit);
      }
      refuseTwoReadings(scanner, start, unit);
      mm += unit.toMm(amount);
      larger = Optional.of(unit);
    } while (!scanner.atEnd());
    return mm;
  }

  /** "1.25" for 1 and 250; what is left of 000 is nothing but a whole number with a nought. */
  private static String decimal(String whole, String behind) {
    String significant = behind.replaceAll("0+$", "");
    return whole + "." + (significant.isEmpty() ? "0" : significant);
  }

  /** A point before three digits parts thousands in half of the world. */
  private static void refuseTwoReadings(EntryScanner scanner, int start, LengthUnit unit)
      throws EntryProblem {
    Matcher point = THREE_BEHIND_POINT.matcher(scanner.from(start));
    if (point.lookingAt() && (unit == LengthUnit.MM || unit == LengthUnit.CM)) {
      throw scanner.problem(
          start,
          "“%1$s.%2$s” can be read in two ways: write %1$s%2$s for thousands or %3$s for a decimal."
              .formatted(point.group(1), point.group(2), decimal(point.group(1), point.group(2))));
    }
  }

  private static LengthUnit unit(
      EntryScanner scanner, Optional<LengthUnit> larger, LengthUnit bareUnit) throws EntryProblem {
    int start = scanner.position();
    String word = scanner.word();
    if (!word.isEmpty()) {
      return LengthUnit.spelled(word)
          .orElseThrow(
              () -> scanner.problem(start, "“" + word + "” is not a unit of length known here."));
    }
    if (!scanner.atEnd()) {
      throw scanner.problem(start, "A unit of length should stand here: mm, cm, m, in or ft.");
    }
    if (larger.isEmpty()) {
      return bareUnit;
    }
    if (larger.get() == LengthUnit.FT) {
      return LengthUnit.IN;
    }
    throw scanner.problem(start, "The last number needs its unit.");
  }

  private static void checkOrder(
      EntryScanner scanner, int start, LengthUnit larger, LengthUnit unit) throws EntryProblem {
    if (larger.isMetric() != unit.isMetric()) {
      throw scanner.problem(start, "Metric units and inches cannot be mixed in one length.");
    }
    if (unit.compareTo(larger) == 0 || unit.toMm(1) > larger.toMm(1)) {
      throw scanner.problem(start, "Write the larger unit first, and each unit once.");
    }
  }
}
