package mellow.core.finding;

import mellow.core.measure.LengthUnit;
import mellow.core.measure.TapeText;
import mellow.core.measure.TemperatureEntry;
import mellow.core.measure.UnitSystem;

/**
 * A number with its meaning, ready to be shown in either unit system.
 *
 * @param value in the unit that {@code quantity} fixes; always finite
 * @param quantity what it is
 */
public record Figure(double value, Quantity quantity) {
  private static final double MM_PER_M = 1000;
  private static final long MINUTES_AN_HOUR = 60;
  private static final double CM2_PER_SQUARE_INCH = Math.pow(LengthUnit.IN.toMm(1) / 10, 2);

  public Figure {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("a figure must be finite, not " + value);
    }
  }

  public static Figure lengthMm(double mm) {
    return new Figure(mm, Quantity.LENGTH);
  }

  public static Figure fineMm(double mm) {
    return new Figure(mm, Quantity.FINE_LENGTH);
  }

  public static Figure reachMm(double mm) {
    return new Figure(mm, Quantity.REACH);
  }

  public static Figure percent(double percent) {
    return new Figure(percent, Quantity.PERCENT);
  }

  public static Figure degrees(double degrees) {
    return new Figure(degrees, Quantity.ANGLE);
  }

  public static Figure turns(double turns) {
    return new Figure(turns, Quantity.TURNS);
  }

  public static Figure areaCm2(double cm2) {
    return new Figure(cm2, Quantity.AREA);
  }

  /** Degrees as a protractor held by hand tells them. */
  public static Figure direction(double degrees) {
    return new Figure(degrees, Quantity.DIRECTION);
  }

  public static Figure minutes(double minutes) {
    return new Figure(minutes, Quantity.MINUTES);
  }

  /** A temperature; differences of temperatures are no temperatures. */
  public static Figure celsius(double celsius) {
    return new Figure(celsius, Quantity.TEMPERATURE);
  }

  public static Figure count(double count) {
    return new Figure(count, Quantity.COUNT);
  }

  public static Figure volts(double volts) {
    return new Figure(volts, Quantity.VOLTAGE);
  }

  public static Figure amps(double amps) {
    return new Figure(amps, Quantity.CURRENT);
  }

  public static Figure ohms(double ohms) {
    return new Figure(ohms, Quantity.RESISTANCE);
  }

  public static Figure watts(double watts) {
    return new Figure(watts, Quantity.POWER);
  }

  public static Figure candela(double candela) {
    return new Figure(candela, Quantity.INTENSITY);
  }

  /** A position of a dial or switch. */
  public static Figure dial(double position) {
    return new Figure(position, Quantity.COUNT);
  }

  public static Figure number(double number) {
    return new Figure(number, Quantity.NUMBER);
  }

  /** The same figure without its sign, for sentences that name the direction in words. */
  public Figure magnitude() {
    return new Figure(Math.abs(value), quantity);
  }

  /** The figure with its unit, as a person of that unit system would write it. */
  public String text(UnitSystem system) {
    boolean metric = system == UnitSystem.METRIC;
    return switch (quantity) {
      case LENGTH -> TapeText.lengthWithUnit(value, system);
      case FINE_LENGTH ->
          metric
              ? TapeText.decimal(value, 1) + " mm"
              : TapeText.decimal(value / LengthUnit.IN.toMm(1), 2) + " in";
      case REACH ->
          metric
              ? TapeText.decimal(value / MM_PER_M, 0) + " m"
              : TapeText.decimal(value / LengthUnit.FT.toMm(1), 0) + " ft";
      case PERCENT -> TapeText.decimal(value, 2) + " %";
      case ANGLE -> TapeText.decimal(value, 2) + "°";
      case DIRECTION -> TapeText.decimal(value, 1).replace(".0", "") + "°";
      case TURNS -> TapeText.turns(value) + (Math.abs(value) > 1.0625 ? " turns" : " turn");
      case AREA ->
          metric
              ? TapeText.decimal(value, 1) + " cm²"
              : TapeText.decimal(value / CM2_PER_SQUARE_INCH, 2) + " sq in";
      case INTENSITY -> TapeText.decimal(value, 0) + " cd";
      case VOLTAGE -> TapeText.decimal(value, 2) + " V";
      case CURRENT ->
          Math.abs(value) < 1
              ? TapeText.decimal(value * 1000, 0) + " mA"
              : TapeText.decimal(value, 2) + " A";
      case RESISTANCE -> TapeText.decimal(value, 2) + " Ω";
      case POWER -> TapeText.decimal(value, 1) + " W";
      case TEMPERATURE ->
          metric
              ? TapeText.decimal(value, 0) + " °C"
              : TapeText.decimal(TemperatureEntry.fahrenheit(value), 0) + " °F";
      case MINUTES -> hours(Math.round(value));
      case COUNT -> TapeText.decimal(value, 1).replace(".0", "");
      case NUMBER -> TapeText.decimal(value, 3);
    };
  }

  private static String hours(long minutes) {
    if (minutes < MINUTES_AN_HOUR) {
      return minutes + " min";
    }
    long rest = minutes % MINUTES_AN_HOUR;
    return minutes / MINUTES_AN_HOUR + " h" + (rest == 0 ? "" : " " + rest + " min");
  }
}
