package mellow.core.harness;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A resistor beside a turn signal of diodes, so that the flasher sees the filament that it knew.
 *
 * @param ohms that make up the missing current exactly
 * @param lessAmps what the filament took more than the diodes do
 */
public record LoadResistor(double ohms, double lessAmps) {
  /** On the shelf, Ω, each for 50 W: common practice. */
  private static final double[] SHELF_OHMS = {3, 6, 8, 10, 25};

  /** A flasher still runs at its pace with a tenth less. Judged. */
  private static final double NEAR = 0.9;

  private static final double FLASHING_SHARE = 0.5;

  /**
   * @param bulbWatts of the filament that was there
   * @param ledAmps that the diodes take
   * @param volts at the lamp
   */
  public static LoadResistor of(double bulbWatts, double ledAmps, double volts) {
    double less = bulbWatts / volts - ledAmps;
    if (!(less > 0)) {
      throw new IllegalArgumentException(
          "the lamp takes no less than the bulb did: no resistor is needed");
    }
    return new LoadResistor(volts / less, less);
  }

  /**
   * One resistor, or two alike side by side.
   *
   * @param each ohms of one
   * @param count 1 or 2
   */
  public record Pick(double each, int count) {
    public double ohms() {
      return each / count;
    }

    /** Heat of one while the lamp is lit, W. */
    public double wattsLit(double volts) {
      return volts * volts / each;
    }

    /** Heat of one on the average while it flashes, W. */
    public double wattsFlashing(double volts) {
      return wattsLit(volts) * FLASHING_SHARE;
    }
  }

  /** What the shelf has for it: enough current, and the least heat. */
  public Pick fromTheShelf() {
    List<Pick> picks = new ArrayList<>();
    for (double shelf : SHELF_OHMS) {
      picks.add(new Pick(shelf, 1));
      picks.add(new Pick(shelf, 2));
    }
    return picks.stream()
        .filter(pick -> ohms / pick.ohms() >= NEAR)
        .max(Comparator.comparingDouble(Pick::ohms).thenComparing(pick -> -pick.count()))
        .orElseThrow();
  }
}
