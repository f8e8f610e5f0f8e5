package mellow.core.vehicle;

/** The classes of vehicle that rule sets are made for. From memory: UN R.E.3. */
public enum VehicleClass {
  M1("M1: people, up to 8 seats beside the driver's"),
  M2("M2: people, more than 8 seats, up to 5 t"),
  M3("M3: people, more than 8 seats, above 5 t"),
  N1("N1: goods, up to 3.5 t"),
  N2("N2: goods, above 3.5 t up to 12 t"),
  N3("N3: goods, above 12 t");

  private final String words;

  VehicleClass(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
