package mellow.core.finding;

import java.util.EnumSet;
import java.util.Set;

/** What kind of number a {@link Figure} is; it fixes the unit inside and how it is shown. */
public enum Quantity {
  /** Millimetres, shown as a tape shows them. */
  LENGTH,
  /** Millimetres, shown to 0.1 mm or 0.01 in: for corrections smaller than a tape reads. */
  FINE_LENGTH,
  /** Millimetres of road, shown in whole metres or feet. */
  REACH,
  /** Percent of inclination, shown to 0.01. */
  PERCENT,
  /** Degrees, shown to 0.01. */
  ANGLE,
  /** Degrees of a protractor held by hand, shown to 0.1 where they are not whole. */
  DIRECTION,
  /** Turns of an adjuster, shown to 1/8. */
  TURNS,
  /** Square centimetres, shown to 0.1, or in square inches to 0.01. */
  AREA,
  /** Candela, shown whole. */
  INTENSITY,
  /** Lux, shown to 0.1, below one lux to 0.01. */
  ILLUMINANCE,
  /** Kilometres per hour, shown whole, or in whole miles per hour. */
  SPEED,
  /** Minutes of work, shown in hours from one hour on. */
  MINUTES,
  /** Volts, shown to 0.01. */
  VOLTAGE,
  /** Amperes, shown to 0.01, below one ampere in whole milliamperes. */
  CURRENT,
  /** Ohms, shown to 0.01. */
  RESISTANCE,
  /** Watts, shown to 0.1. */
  POWER,
  /** Degrees Celsius, shown whole, or whole degrees Fahrenheit. */
  TEMPERATURE,
  /** How many of something. */
  COUNT,
  /** A bare number, shown to 0.001. */
  NUMBER;

  private static final Set<Quantity> BY_UNITS =
      EnumSet.of(LENGTH, FINE_LENGTH, REACH, AREA, TEMPERATURE, SPEED);

  /** Whether metric and imperial texts differ. */
  public boolean followsUnits() {
    return BY_UNITS.contains(this);
  }
}
