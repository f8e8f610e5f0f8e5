package mellow.core.retrofit;

/** Where the roll of a projector is set; always before the seal closes. */
public enum RollWay {
  ON_BENCH,
  ON_VEHICLE;

  /** The tag of the steps that belong to it. */
  public String way() {
    return this == ON_BENCH ? "roll-bench" : "roll-vehicle";
  }

  /** What a mount usually asks for: glue holds what was set on tape, a nut can be turned later. */
  public static RollWay usual(Mount mount) {
    return mount == Mount.GLUED ? ON_BENCH : ON_VEHICLE;
  }
}
