package mellow.core.vehicle;

/** The lamps that are aimed on the wall. */
public enum LampKind {
  DIPPED("low beam", "lamp", ""),
  FRONT_FOG("fog", "fog lamp", "fog."),
  /** Driving lamps and pods: no cutoff, what is aimed is the centre of the bright spot. */
  DRIVING("driving lamp", "driving lamp", "driving.");

  private final String word;
  private final String lampWords;
  private final String prefix;

  LampKind(String word, String lampWords, String prefix) {
    this.word = word;
    this.lampWords = lampWords;
    this.prefix = prefix;
  }

  public String word() {
    return word;
  }

  /** What it is called at the wall: "lamp", "fog lamp". */
  public String lampWords() {
    return lampWords;
  }

  /** What stands before the names of its findings and steps. */
  public String prefix() {
    return prefix;
  }

  /** What of its light is read at the wall. */
  public String readWords() {
    return this == DRIVING ? "bright spot" : "cutoff";
  }
}
