package mellow.core.measure;

/** How a job's lengths are typed when no unit is written, and how they are shown. */
public enum UnitSystem {
  /** Bare numbers are millimetres; shown to 1 mm. */
  METRIC(LengthUnit.MM, 1.0),
  /** Bare numbers are inches; shown to 1/16 in. */
  IMPERIAL(LengthUnit.IN, 25.4 / 16);

  private final LengthUnit bareUnit;
  private final double tapeStepMm;

  UnitSystem(LengthUnit bareUnit, double tapeStepMm) {
    this.bareUnit = bareUnit;
    this.tapeStepMm = tapeStepMm;
  }

  /** The unit of a number that was typed without one. */
  public LengthUnit bareUnit() {
    return bareUnit;
  }

  /** The finest division read off a tape in this system, in mm; a reading is good to ± this. */
  public double tapeStepMm() {
    return tapeStepMm;
  }
}
