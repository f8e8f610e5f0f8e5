package mellow.core.vehicle;

/** The lamps that are aimed on the wall. */
public enum LampKind {
  DIPPED("low beam", "lamp", LampFunction.DIPPED),
  FRONT_FOG("fog", "fog lamp", LampFunction.FRONT_FOG),
  /** Driving lamps and pods: no cutoff, what is aimed is the centre of the bright spot. */
  DRIVING("driving lamp", "driving lamp", LampFunction.DRIVING);

  private final String word;
  private final String lampWords;
  private final LampFunction function;

  LampKind(String word, String lampWords, LampFunction function) {
    this.word = word;
    this.lampWords = lampWords;
    this.function = function;
  }

  public String word() {
    return word;
  }

  /** What it is called at the wall: "lamp", "fog lamp". */
  public String lampWords() {
    return lampWords;
  }

  /** What such a lamp is for. */
  public LampFunction function() {
    return function;
  }

  /** What of its light is read at the wall. */
  public String readWords() {
    return this == DRIVING ? "bright spot" : "cutoff";
  }
}
