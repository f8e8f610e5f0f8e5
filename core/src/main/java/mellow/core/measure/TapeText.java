package mellow.core.measure;

/** Shows figures as a tape, a protractor or a screwdriver would: no finer than it can be read. */
public final class TapeText {
  private static final char THIN_SPACE = '\u2009';
  private static final char MINUS = '−';
  private static final long[] POWERS_OF_TEN = {1, 10, 100, 1_000, 10_000};

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
    // by hand: a page shows hundreds of figures, and a format string costs more than all the rest
    long power = POWERS_OF_TEN[decimals];
    long scaled = Math.round(Math.abs(value) * power);
    StringBuilder text = new StringBuilder();
    if (value < 0 && scaled > 0) {
      text.append(MINUS);
    }
    appendGrouped(text, scaled / power);
    if (decimals > 0) {
      text.append('.');
      appendPadded(text, scaled % power, power / 10);
    }
    return text.toString();
  }

  private static void appendGrouped(StringBuilder text, long whole) {
    if (whole < 1000) {
      text.append(whole);
    } else {
      appendGrouped(text, whole / 1000);
      text.append(THIN_SPACE);
      appendPadded(text, whole % 1000, 100);
    }
  }

  /** As many digits as the place of the first one has. */
  private static void appendPadded(StringBuilder text, long digits, long firstPlace) {
    for (long place = firstPlace; place > Math.max(digits, 1); place /= 10) {
      text.append('0');
    }
    text.append(digits);
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
