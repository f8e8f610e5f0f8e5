package mellow.core.circuit;

import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;

/**
 * A copper wire.
 *
 * @param mm2 its section
 * @param metres its length, one way
 * @param celsius its temperature
 */
public record Conductor(double mm2, double metres, double celsius) {
  /** Annealed copper at 20 °C, Ω·mm²/m: 1/58, IEC 60028. */
  private static final double OHM_MM2_PER_METRE = 1.0 / 58;

  /** Its change with temperature, 1/K, at 20 °C: IEC 60028. */
  private static final double PER_KELVIN = 0.00393;

  private static final double LONGEST_METRES = 100;

  public Conductor {
    if (!(mm2 >= 0.05) || mm2 > 200) {
      throw new CannotBe(CircuitWords.wireSection(Figure.number(mm2)));
    }
    if (!(metres > 0) || metres > LONGEST_METRES) {
      throw new CannotBe(CircuitWords.wireLength(Figure.number(metres)));
    }
    if (!(celsius >= -60) || celsius > 250) {
      throw new CannotBe(CircuitWords.wireTemperature(Figure.number(celsius)));
    }
  }

  /** Solid or stranded copper of an American gauge at 20 °C: d = 0.127 mm × 92^((36−n)/39). */
  public static Conductor awg(int gauge, double metres) {
    return new Conductor(awgMm2(gauge), metres, 20);
  }

  /** The section of an American gauge, mm²: ASTM B258. Gauges 1/0 to 4/0 are 0 to −3. */
  public static double awgMm2(int gauge) {
    if (gauge < -3 || gauge > 30) {
      throw new IllegalArgumentException("gauges run from 4/0 (−3) to 30, not " + gauge);
    }
    double diameterMm = 0.127 * Math.pow(92, (36 - gauge) / 39.0);
    return Math.PI / 4 * diameterMm * diameterMm;
  }

  public double ohms() {
    return OHM_MM2_PER_METRE * metres / mm2 * (1 + PER_KELVIN * (celsius - 20));
  }
}
