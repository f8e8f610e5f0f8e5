package mellow.core.retrofit;

import java.util.OptionalDouble;
import mellow.core.measure.LengthUnit;

/** Holes in the sizes of drills and step drills. */
public final class HoleSize {
  /** Room for a thread in its hole. Judged. */
  private static final double ROOM_MM = 0.5;

  private static final double TWIST_STEP_MM = 0.5;
  private static final double TWIST_MOST_MM = 13;
  private static final double STEP_DRILL_STEP_MM = 2;
  private static final double STEP_DRILL_MOST_MM = 40;
  private static final double STEP_DRILL_STEP_IN = 1 / 16.0;
  private static final double STEP_DRILL_MOST_IN = 1 + 3 / 8.0;

  private HoleSize() {}

  /** The hole that a thread needs. */
  public static double forThread(double threadMm) {
    return threadMm + ROOM_MM;
  }

  /**
   * The smallest drill of a metric set that makes a hole at least that wide: twist drills in halves
   * of a millimetre up to 13, above them step drills in steps of 2 up to 40.
   */
  public static OptionalDouble metricMm(double atLeastMm) {
    double step = atLeastMm <= TWIST_MOST_MM ? TWIST_STEP_MM : STEP_DRILL_STEP_MM;
    double size = Math.ceil(atLeastMm / step - 1e-9) * step;
    return size <= STEP_DRILL_MOST_MM ? OptionalDouble.of(size) : OptionalDouble.empty();
  }

  /** The smallest step of a step drill in sixteenths of an inch, up to 1 3/8 in. */
  public static OptionalDouble stepDrillInches(double atLeastMm) {
    double inches = atLeastMm / LengthUnit.IN.toMm(1);
    double size = Math.ceil(inches / STEP_DRILL_STEP_IN - 1e-9) * STEP_DRILL_STEP_IN;
    return size <= STEP_DRILL_MOST_IN ? OptionalDouble.of(size) : OptionalDouble.empty();
  }

  /** The widest drill of a metric set that is not wider than that; empty beyond the widest. */
  public static OptionalDouble metricUpToMm(double mostMm) {
    double step = mostMm <= TWIST_MOST_MM ? TWIST_STEP_MM : STEP_DRILL_STEP_MM;
    double size = Math.floor(mostMm / step + 1e-9) * step;
    return mostMm <= STEP_DRILL_MOST_MM + STEP_DRILL_STEP_MM
        ? OptionalDouble.of(Math.min(size, STEP_DRILL_MOST_MM))
        : OptionalDouble.empty();
  }

  /** The widest step of a step drill in sixteenths of an inch that is not wider than that. */
  public static OptionalDouble stepDrillInchesUpTo(double mostMm) {
    double inches = mostMm / LengthUnit.IN.toMm(1);
    double size = Math.floor(inches / STEP_DRILL_STEP_IN + 1e-9) * STEP_DRILL_STEP_IN;
    return inches <= STEP_DRILL_MOST_IN + STEP_DRILL_STEP_IN
        ? OptionalDouble.of(Math.min(size, STEP_DRILL_MOST_IN))
        : OptionalDouble.empty();
  }
}
