package mellow.core.vehicle;

/** The kinds of body, as far as their outlines differ. */
public enum BodyKind {
  HATCH("hatchback"),
  ESTATE("estate"),
  ROADSTER("roadster"),
  OFF_ROADER("off-roader"),
  PICKUP("pickup"),
  VAN("van"),
  BUS("bus");

  private final String words;

  BodyKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
