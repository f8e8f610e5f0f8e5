package mellow.core.measure;

import java.util.Locale;

/** Shows figures as a tape, a protractor or a screwdriver would: no finer than it can be read. */
public final class TapeText {
  private static final char THIN_SPACE = '\u2009';
  private static final char MINUS = '−';

  /** From 10 ft on a tape is read in feet and inches. */
  private static final double FEET_FROM_MM = LengthUnit.FT.toMm(10);

  private TapeText() {}

  /** A length without its unit: whole millimetres, or inches to 1/16. */
  public static String length(double mm, UnitSystem system) {
    return system == UnitSystem.METRIC ? wholeMm(mm) : sixteenths(mm);
  }

  /** A length with its unit: "6 100 mm", "26 5/16 in", "25 ft 3 1/2 in". */
  public static String lengthWithUnit(double mm, UnitSystem system) {
    if (system == UnitSystem.IMPERIAL && Math.abs(mm) >= FEET_FROM_MM) {
      return feetAndInches(mm);
    }
    return length(mm, system) + " " + system.bareUnit().symbol();
  }

  /** A number with the given decimals, a true minus sign and thin spaces between thousands. */
  public static String decimal(double value, int decimals) {
    String digits = String.format(Locale.ROOT, "%,." + decimals + "f", Math.abs(value));
    boolean zero = digits.chars().allMatch(c -> c == '0' || c == '.' || c == ',');
    return (value < 0 && !zero ? String.valueOf(MINUS) : "") + digits.replace(',', THIN_SPACE);
  }

  /** Turns to the nearest eighth, without a sign: "1 1/2", "3/8", "0". */
  public static String turns(double turns) {
    return mixedNumber(Math.round(Math.abs(turns) * 8), 8);
  }

  private static String feetAndInches(double mm) {
    long parts = Math.round(Math.abs(mm) / LengthUnit.IN.toMm(1) * 16);
    long perFoot = 12 * 16;
    String feet = (mm < 0 ? String.valueOf(MINUS) : "") + parts / perFoot + " ft";
    long rest = parts % perFoot;
    return rest == 0 ? feet : feet + " " + mixedNumber(rest, 16) + " in";
  }

  private static String wholeMm(double mm) {
    return decimal(Math.rint(mm), 0);
  }

  private static String sixteenths(double mm) {
    long parts = Math.round(Math.abs(mm) / LengthUnit.IN.toMm(1) * 16);
    return (mm < 0 && parts > 0 ? String.valueOf(MINUS) : "") + mixedNumber(parts, 16);
  }

  private static String mixedNumber(long parts, long below) {
    long whole = parts / below;
    long above = parts % below;
    if (above == 0) {
      return String.valueOf(whole);
    }
    long step = Long.lowestOneBit(above);
    String fraction = above / step + "/" + below / step;
    return whole == 0 ? fraction : whole + " " + fraction;
  }
}
