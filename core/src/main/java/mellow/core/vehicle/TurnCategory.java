package mellow.core.vehicle;

/**
 * How bright a front turn signal is made, by the number on its lens; the nearer it stands to other
 * lamps, the brighter it has to be. From memory: UN R6.
 */
public enum TurnCategory {
  /** At least 40 mm away. */
  ONE("1"),
  /** 20 mm away or more. */
  ONE_A("1a"),
  /** Nearer than that. */
  ONE_B("1b");

  private final String words;

  TurnCategory(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
