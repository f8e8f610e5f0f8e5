package mellow.core.entry;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.finding.Sentence;
import mellow.core.measure.LengthUnit;
import mellow.core.measure.Measured;
import mellow.core.measure.UnitSystem;

/**
 * Reads a length as people write it: "668", "59,7 cm", "23 1/2 in", "25 ft 3 1/2 in", "6' 4\"",
 * "−12". A bare number has the job's unit, except behind feet, where it is inches.
 */
public final class LengthEntry {
  /** Longer than any workshop; beyond it a slip of the unit is likelier than a length. */
  private static final double LONGEST_MM = 1_000_000;

  private static final Pattern THREE_BEHIND_POINT =
      Pattern.compile("([1-9]\\d{0,2})\\.(\\d{3})(?!\\d)");

  /** What an eye tells apart between two marks of a tape. Judged. */
  private static final double FINEST_BY_EYE_MM = 0.5;

  /** Beyond it something else than the ± of a length was meant. */
  private static final double LARGEST_PLUS_MINUS_MM = 100;

  private static final Sentence EXAMPLE = EntryWords.exampleLength();

  private LengthEntry() {}

  /**
   * @param typed the text
   * @param bareUnit unit of a number without one
   * @return the length in mm, signed as typed, or the refusal
   */
  public static Entry<Double> readMm(String typed, LengthUnit bareUnit) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      double mm = signed(scanner, bareUnit).mm();
      scanner.expectEnd();
      return new Entry.Accepted<>(typed, mm);
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  /**
   * Reads a length that was read off something, with what it was read to: the ± behind it ("668
   * ±2"), else the finest mark of the tape that the text speaks of. A tape of millimetres is read
   * to 1 mm and one of inches to 1/16 in, finer where finer was written; a length in round numbers
   * ("6 m", "25 ft") is as good as one with its noughts.
   *
   * @param typed the text
   * @param units of a number without a unit
   */
  public static Entry<Measured> measured(String typed, UnitSystem units) {
    try {
      EntryScanner scanner = new EntryScanner(typed, EXAMPLE);
      Sum read = signed(scanner, units.bareUnit());
      if (scanner.atEnd()) {
        return new Entry.Accepted<>(typed, new Measured(read.mm(), read.tapeStepMm()));
      }
      int start = scanner.position();
      if (!scanner.takesPlusMinus()) {
        scanner.expectEnd();
      }
      double plusMinus = sum(scanner, units.bareUnit()).mm();
      scanner.expectEnd();
      if (!(plusMinus > 0) || plusMinus > LARGEST_PLUS_MINUS_MM) {
        throw scanner.problem(start, EntryWords.plusMinus());
      }
      return new Entry.Accepted<>(typed, new Measured(read.mm(), plusMinus));
    } catch (EntryProblem problem) {
      return problem.refusing(typed);
    }
  }

  /** A length in one or more units; {@code writtenToMm} is what its last place stands for. */
  private record Sum(double mm, boolean metric, double writtenToMm) {
    double tapeStepMm() {
      UnitSystem tape = metric ? UnitSystem.METRIC : UnitSystem.IMPERIAL;
      return Math.min(tape.tapeStepMm(), Math.max(FINEST_BY_EYE_MM, writtenToMm));
    }
  }

  private static Sum signed(EntryScanner scanner, LengthUnit bareUnit) throws EntryProblem {
    int sign = scanner.sign();
    Sum sum = sum(scanner, bareUnit);
    if (sum.mm() > LONGEST_MM) {
      throw scanner.problem(0, EntryWords.kilometre());
    }
    return new Sum(sign * sum.mm(), sum.metric(), sum.writtenToMm());
  }

  private static Sum sum(EntryScanner scanner, LengthUnit bareUnit) throws EntryProblem {
    double mm = 0;
    double writtenTo = Double.POSITIVE_INFINITY;
    Optional<LengthUnit> larger = Optional.empty();
    do {
      int start = scanner.position();
      double amount = scanner.number();
      double place = scanner.lastPlace();
      LengthUnit unit = unit(scanner, larger, bareUnit);
      if (larger.isPresent()) {
        checkOrder(scanner, start, larger.get(), unit);
      }
      refuseTwoReadings(scanner, start, unit);
      mm += unit.toMm(amount);
      writtenTo = Math.min(writtenTo, unit.toMm(place));
      larger = Optional.of(unit);
    } while (!scanner.atEnd() && !scanner.isAtPlusMinus());
    return new Sum(mm, larger.get().isMetric(), writtenTo);
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
          EntryWords.twoWays(
              point.group(1) + "." + point.group(2),
              point.group(1) + point.group(2),
              decimal(point.group(1), point.group(2))));
    }
  }

  private static LengthUnit unit(
      EntryScanner scanner, Optional<LengthUnit> larger, LengthUnit bareUnit) throws EntryProblem {
    int start = scanner.position();
    String word = scanner.word();
    if (!word.isEmpty()) {
      return LengthUnit.spelled(word)
          .orElseThrow(() -> scanner.problem(start, EntryWords.noLengthUnit(word)));
    }
    if (!scanner.atEnd() && !scanner.isAtPlusMinus()) {
      throw scanner.problem(start, EntryWords.lengthUnitExpected());
    }
    if (larger.isEmpty()) {
      return bareUnit;
    }
    if (larger.get() == LengthUnit.FT) {
      return LengthUnit.IN;
    }
    throw scanner.problem(start, EntryWords.unitMissing());
  }

  private static void checkOrder(
      EntryScanner scanner, int start, LengthUnit larger, LengthUnit unit) throws EntryProblem {
    if (larger.isMetric() != unit.isMetric()) {
      throw scanner.problem(start, EntryWords.mixedUnits());
    }
    if (unit.compareTo(larger) == 0 || unit.toMm(1) > larger.toMm(1)) {
      throw scanner.problem(start, EntryWords.unitOrder());
    }
  }
}
