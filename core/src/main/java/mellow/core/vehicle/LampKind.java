package mellow.core.vehicle;

/** The lamps whose cutoff is aimed on the wall. */
public enum LampKind {
  DIPPED("low beam"),
  FRONT_FOG("fog");

  private final String word;

  LampKind(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
