package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellow.core.circuit.Conductor;

/**
 * A size of wire that can be bought.
 *
 * @param name as it stands on the reel: "AWG 14", "1.5 mm²"
 * @param mm2 its section
 */
public record WireSize(String name, double mm2) {
  /** Metric sizes of vehicle wire, mm²: ISO 6722-1. */
  private static final double[] METRIC = {0.5, 0.75, 1.0, 1.5, 2.5, 4, 6, 10};

  private static final int THINNEST_AWG = 20;
  private static final int THICKEST_AWG = 8;

  public static WireSize metric(double mm2) {
    return new WireSize(String.format(Locale.ROOT, "%s mm²", trimmed(mm2)), mm2);
  }

  public static WireSize awg(int gauge) {
    return new WireSize("AWG " + gauge, Conductor.awgMm2(gauge));
  }

  private static String trimmed(double mm2) {
    return mm2 == Math.rint(mm2) ? String.valueOf((int) mm2) : String.valueOf(mm2);
  }

  /** Both series, the thinnest first. */
  public static List<WireSize> all() {
    List<WireSize> sizes = new ArrayList<>();
    for (double mm2 : METRIC) {
      sizes.add(metric(mm2));
    }
    for (int gauge = THINNEST_AWG; gauge >= THICKEST_AWG; gauge -= 2) {
      sizes.add(awg(gauge));
    }
    sizes.sort(Comparator.comparingDouble(WireSize::mm2));
    return sizes;
  }

  /** The size of that name; empty where none is sold under it. */
  public static Optional<WireSize> named(String name) {
    return all().stream().filter(size -> size.name().equals(name.strip())).findFirst();
  }

  /** So much of this wire at a temperature. */
  public Conductor of(double metres, double celsius) {
    return new Conductor(mm2, metres, celsius);
  }
}
