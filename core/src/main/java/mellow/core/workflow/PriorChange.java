package mellow.core.workflow;

/** What somebody may have changed on the vehicle before it was taken in. */
public enum PriorChange {
  SUSPENSION("suspension lifted or lowered"),
  TYRES("other tyres"),
  LOAD("carries a load or body it was not built with"),
  LAMPS("other lamps"),
  BULBS("other bulbs than the maker's"),
  WIRING("wiring changed");

  private final String words;

  PriorChange(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it moves the beams. */
  boolean isOfStance() {
    return this == SUSPENSION || this == TYRES || this == LOAD;
  }
}
