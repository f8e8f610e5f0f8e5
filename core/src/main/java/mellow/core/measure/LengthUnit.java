package mellow.core.measure;

import static javax.measure.MetricPrefix.CENTI;
import static javax.measure.MetricPrefix.MILLI;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.measure.Unit;
import javax.measure.quantity.Length;
import tech.units.indriya.unit.Units;

/** Units of length that a tape in a workshop bears, with the ways in which people write them. */
public enum LengthUnit {
  MM(MILLI(Units.METRE), true, "mm", "millimetre", "millimetres", "millimeter", "millimeters"),
  CM(CENTI(Units.METRE), true, "cm", "centimetre", "centimetres", "centimeter", "centimeters"),
  M(Units.METRE, true, "m", "metre", "metres", "meter", "meters"),
  /** The international inch, 25.4 mm exactly (international yard and pound agreement, 1959). */
  IN(MILLI(Units.METRE).multiply(254).divide(10), false, "in", "inch", "inches", "\"", "″", "”"),
  FT(MILLI(Units.METRE).multiply(3048).divide(10), false, "ft", "foot", "feet", "'", "′", "’");

  private final double mmPerUnit;
  private final boolean metric;
  private final List<String> spellings;

  LengthUnit(Unit<Length> unit, boolean metric, String... spellings) {
    // asked once: the library converts through exact fractions, which is slow
    this.mmPerUnit = unit.getConverterTo(MILLI(Units.METRE)).convert(1.0);
    this.metric = metric;
    this.spellings = List.of(spellings);
  }

  /** The given amount of this unit in millimetres. */
  public double toMm(double amount) {
    return amount * mmPerUnit;
  }

  /** Whether the unit is one of the metric system. */
  public boolean isMetric() {
    return metric;
  }

  /** The short way of writing it: "mm", "in". */
  public String symbol() {
    return spellings.get(0);
  }

  public static Optional<LengthUnit> spelled(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(unit -> unit.spellings.contains(lower)).findFirst();
  }
}
