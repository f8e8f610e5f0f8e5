package mellow.core.finding;

import static mellow.core.measure.Temperature.fahrenheit;

import mellow.core.measure.LengthUnit;
import mellow.core.measure.TapeText;
import mellow.core.measure.UnitSystem;

/**
 * A number with its meaning, ready to be shown in either unit system. Each quantity is a type of
 * its own, so that a sentence which speaks of a length cannot be given an angle.
 */
public sealed interface Figure {
  /** A figure of {@link Quantity#LENGTH}. */
  record Length(double value) implements Figure {
    public Length {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.LENGTH;
    }
  }

  /** A figure of {@link Quantity#FINE_LENGTH}. */
  record FineLength(double value) implements Figure {
    public FineLength {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.FINE_LENGTH;
    }
  }

  /** A figure of {@link Quantity#REACH}. */
  record Reach(double value) implements Figure {
    public Reach {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.REACH;
    }
  }

  /** A figure of {@link Quantity#PERCENT}. */
  record Percent(double value) implements Figure {
    public Percent {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.PERCENT;
    }
  }

  /** A figure of {@link Quantity#ANGLE}. */
  record Angle(double value) implements Figure {
    public Angle {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.ANGLE;
    }
  }

  /** A figure of {@link Quantity#TURNS}. */
  record Turns(double value) implements Figure {
    public Turns {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.TURNS;
    }
  }

  /** A figure of {@link Quantity#AREA}. */
  record Area(double value) implements Figure {
    public Area {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.AREA;
    }
  }

  /** A figure of {@link Quantity#DIRECTION}. */
  record Direction(double value) implements Figure {
    public Direction {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.DIRECTION;
    }
  }

  /** A figure of {@link Quantity#MINUTES}. */
  record Minutes(double value) implements Figure {
    public Minutes {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.MINUTES;
    }
  }

  /** A figure of {@link Quantity#TEMPERATURE}. */
  record Temperature(double value) implements Figure {
    public Temperature {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.TEMPERATURE;
    }
  }

  /** A figure of {@link Quantity#COUNT}. */
  record Count(double value) implements Figure {
    public Count {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.COUNT;
    }
  }

  /** A figure of {@link Quantity#VOLTAGE}. */
  record Voltage(double value) implements Figure {
    public Voltage {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.VOLTAGE;
    }
  }

  /** A figure of {@link Quantity#CURRENT}. */
  record Current(double value) implements Figure {
    public Current {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.CURRENT;
    }
  }

  /** A figure of {@link Quantity#RESISTANCE}. */
  record Resistance(double value) implements Figure {
    public Resistance {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.RESISTANCE;
    }
  }

  /** A figure of {@link Quantity#POWER}. */
  record Power(double value) implements Figure {
    public Power {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.POWER;
    }
  }

  /** A figure of {@link Quantity#INTENSITY}. */
  record Intensity(double value) implements Figure {
    public Intensity {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.INTENSITY;
    }
  }

  /** A figure of {@link Quantity#NUMBER}. */
  record Number(double value) implements Figure {
    public Number {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.NUMBER;
    }
  }

  /** A figure of {@link Quantity#ILLUMINANCE}. */
  record Illuminance(double value) implements Figure {
    public Illuminance {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.ILLUMINANCE;
    }
  }

  /** A figure of {@link Quantity#SPEED}. */
  record Speed(double value) implements Figure {
    public Speed {
      Figure.requireFinite(value);
    }

    @Override
    public Quantity quantity() {
      return Quantity.SPEED;
    }
  }

  /** In the unit that the quantity fixes; always finite. */
  double value();

  Quantity quantity();

  /** A figure of a quantity that is only known at run time. */
  static Figure of(double value, Quantity quantity) {
    return switch (quantity) {
      case LENGTH -> new Length(value);
      case FINE_LENGTH -> new FineLength(value);
      case REACH -> new Reach(value);
      case PERCENT -> new Percent(value);
      case ANGLE -> new Angle(value);
      case TURNS -> new Turns(value);
      case AREA -> new Area(value);
      case DIRECTION -> new Direction(value);
      case MINUTES -> new Minutes(value);
      case TEMPERATURE -> new Temperature(value);
      case COUNT -> new Count(value);
      case VOLTAGE -> new Voltage(value);
      case CURRENT -> new Current(value);
      case RESISTANCE -> new Resistance(value);
      case POWER -> new Power(value);
      case INTENSITY -> new Intensity(value);
      case ILLUMINANCE -> new Illuminance(value);
      case SPEED -> new Speed(value);
      case NUMBER -> new Number(value);
    };
  }

  private static void requireFinite(double value) {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("a figure must be finite, not " + value);
    }
  }

  static Length lengthMm(double mm) {
    return new Length(mm);
  }

  static FineLength fineMm(double mm) {
    return new FineLength(mm);
  }

  static Reach reachMm(double mm) {
    return new Reach(mm);
  }

  static Percent percent(double percent) {
    return new Percent(percent);
  }

  static Angle degrees(double degrees) {
    return new Angle(degrees);
  }

  static Turns turns(double turns) {
    return new Turns(turns);
  }

  static Area areaCm2(double cm2) {
    return new Area(cm2);
  }

  /** Degrees as a protractor held by hand tells them. */
  static Direction direction(double degrees) {
    return new Direction(degrees);
  }

  static Minutes minutes(double minutes) {
    return new Minutes(minutes);
  }

  /** A temperature; differences of temperatures are no temperatures. */
  static Temperature celsius(double celsius) {
    return new Temperature(celsius);
  }

  static Count count(double count) {
    return new Count(count);
  }

  static Voltage volts(double volts) {
    return new Voltage(volts);
  }

  static Current amps(double amps) {
    return new Current(amps);
  }

  static Resistance ohms(double ohms) {
    return new Resistance(ohms);
  }

  static Power watts(double watts) {
    return new Power(watts);
  }

  static Intensity candela(double candela) {
    return new Intensity(candela);
  }

  static Illuminance lux(double lux) {
    return new Illuminance(lux);
  }

  static Speed kmh(double kmh) {
    return new Speed(kmh);
  }

  static Number number(double number) {
    return new Number(number);
  }

  /** A position of a dial or switch. */
  static Count dial(double position) {
    return new Count(position);
  }

  /** The same figure without its sign, for sentences that name the direction in words. */
  default Figure magnitude() {
    return of(Math.abs(value()), quantity());
  }

  /** Whether its unit stands in the plural, as shown to 1/8. */
  default boolean isMoreThanOne() {
    return Math.abs(value()) > 1.0625;
  }

  /** The figure with its unit in English, as a person of that unit system would write it. */
  default String text(UnitSystem system) {
    double value = value();
    boolean metric = system == UnitSystem.METRIC;
    return switch (quantity()) {
      case LENGTH -> TapeText.lengthWithUnit(value, system);
      case FINE_LENGTH ->
          metric
              ? TapeText.decimal(value, 1) + " mm"
              : TapeText.decimal(value / LengthUnit.IN.toMm(1), 2) + " in";
      case REACH ->
          metric
              ? TapeText.decimal(value / Shown.MM_PER_M, 0) + " m"
              : TapeText.decimal(value / LengthUnit.FT.toMm(1), 0) + " ft";
      case PERCENT -> TapeText.decimal(value, 2) + " %";
      case ANGLE -> TapeText.decimal(value, 2) + "°";
      case DIRECTION -> TapeText.decimal(value, 1).replace(".0", "") + "°";
      case TURNS -> TapeText.turns(value) + (isMoreThanOne() ? " turns" : " turn");
      case AREA ->
          metric
              ? TapeText.decimal(value, 1) + " cm²"
              : TapeText.decimal(value / Shown.CM2_PER_SQUARE_INCH, 2) + " sq in";
      case INTENSITY -> TapeText.decimal(value, 0) + " cd";
      case ILLUMINANCE -> TapeText.decimal(value, Math.abs(value) < 1 ? 2 : 1) + " lx";
      case SPEED ->
          metric
              ? TapeText.decimal(value, 0) + " km/h"
              : TapeText.decimal(value / Shown.KMH_PER_MPH, 0) + " mph";
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
              : TapeText.decimal(fahrenheit(value), 0) + " °F";
      case MINUTES -> Shown.hours(Math.round(value));
      case COUNT -> TapeText.decimal(value, 1).replace(".0", "");
      case NUMBER -> TapeText.decimal(value, 3);
    };
  }

  /** How figures are shown. */
  final class Shown {
    private static final double MM_PER_M = 1000;
    private static final double KMH_PER_MPH = 1.609344;
    private static final long MINUTES_AN_HOUR = 60;
    private static final double CM2_PER_SQUARE_INCH = Math.pow(LengthUnit.IN.toMm(1) / 10, 2);

    private Shown() {}

    static String hours(long minutes) {
      if (minutes < MINUTES_AN_HOUR) {
        return minutes + " min";
      }
      long rest = minutes % MINUTES_AN_HOUR;
      return minutes / MINUTES_AN_HOUR + " h" + (rest == 0 ? "" : " " + rest + " min");
    }
  }
}
