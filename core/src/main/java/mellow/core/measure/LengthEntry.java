package mellow.core.measure;

import java.util.Optional;

/**
 * Reads a length as people write it: "668", "59,7 cm", "23 1/2 in", "25 ft 3 1/2 in", "6' 4\"",
 * "−12". A bare number has the job's unit, except behind feet, where it is inches.
 */
public final class LengthEntry {
  /** Longer than any workshop; beyond it a slip of the unit is likelier than a length. */
  private static final double LONGEST_MM = 1_000_000;

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
      mm += unit.toMm(amount);
      larger = Optional.of(unit);
    } while (!scanner.atEnd());
    return mm;
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
