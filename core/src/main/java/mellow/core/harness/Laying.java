package mellow.core.harness;

/**
 * How a wire lies, and what it may carry there for long.
 *
 * @param insulationCelsius what its insulation bears: 105 for the usual vehicle wire of class B
 * @param ambientCelsius around it: 30 in the cabin, 60 and more beside the engine
 * @param loadedTogether loaded wires in one sleeve, this one among them
 */
public record Laying(double insulationCelsius, double ambientCelsius, int loadedTogether) {
  /** One wire of 1 mm² in free air, 70 °C insulation at 30 °C: DIN VDE 0298-4 (from memory). */
  private static final double AMPS_OF_1_MM2 = 19;

  /** 19 A at 1 mm², 24 at 1.5, 32 at 2.5, 42 at 4, 54 at 6: a power of the section within 3 %. */
  private static final double SECTION_EXPONENT = 0.59;

  private static final double TABLE_RISE = 70 - 30;

  /** Factors for wires that lie together: DIN VDE 0298-4 (from memory). */
  private static final double[] TOGETHER = {1, 0.8, 0.7, 0.65, 0.6, 0.57, 0.54, 0.52, 0.5};

  public Laying {
    if (!(insulationCelsius > ambientCelsius)) {
      throw new IllegalArgumentException(
          "insulation for %s °C bears no current at %s °C around it"
              .formatted(insulationCelsius, ambientCelsius));
    }
    if (loadedTogether < 1) {
      throw new IllegalArgumentException("the wire itself is one, not " + loadedTogether);
    }
  }

  /**
   * What a wire may carry for long, A. Heat goes with the square of the current, so the current
   * with the root of the rise that is left.
   */
  public double allowedAmps(double mm2) {
    double together = TOGETHER[Math.min(loadedTogether, TOGETHER.length) - 1];
    return AMPS_OF_1_MM2
        * Math.pow(mm2, SECTION_EXPONENT)
        * Math.sqrt((insulationCelsius - ambientCelsius) / TABLE_RISE)
        * together;
  }
}
