package mellow.core.record;

/** The kinds of facts. What stands for one in what is stored never changes. */
public enum FactKind {
  READ("read"),
  TAKEN_OFF("out"),
  MOVED("move"),
  STEP("step"),
  TIMER("timer"),
  TIMER_STOPPED("stop"),
  BAKED("bake"),
  WARMED("heat"),
  LAMPS_TRIED("proof"),
  SANDED("lens"),
  BENCH_MEASURED("measure"),
  CHOSEN("choice"),
  FLASHES("flash"),
  BATTERY("battery"),
  UNDONE("undone"),
  REVISED("revised"),
  PHOTO("photo"),
  HANDED_OVER("closed"),
  AMENDED("amended"),
  ASIDE("aside");

  private final String code;

  FactKind(String code) {
    this.code = code;
  }

  /** What stands for it in what is stored. */
  public String code() {
    return code;
  }

  /**
   * The kind that a code stands for.
   *
   * @throws IllegalArgumentException where it stands for none
   */
  public static FactKind of(String code) {
    for (FactKind kind : values()) {
      if (kind.code.equals(code)) {
        return kind;
      }
    }
    throw new IllegalArgumentException("no kind of fact: " + code);
  }
}
