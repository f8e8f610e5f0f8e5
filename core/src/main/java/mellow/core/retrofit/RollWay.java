package mellow.core.retrofit;

/** Where the roll of a projector is set; always before the seal closes. */
public enum RollWay {
  ON_BENCH("on the bench, on tape, before the glue"),
  ON_VEHICLE("on the vehicle on level ground, the lens still off");

  private final String words;

  RollWay(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** The tag of the steps that belong to it. */
  public String way() {
    return this == ON_BENCH ? "roll-bench" : "roll-vehicle";
  }

  /** What a mount usually asks for: glue holds what was set on tape, a nut can be turned later. */
  public static RollWay usual(Mount mount) {
    return mount == Mount.GLUED ? ON_BENCH : ON_VEHICLE;
  }
}
