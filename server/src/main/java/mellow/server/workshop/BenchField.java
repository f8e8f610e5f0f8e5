package mellow.server.workshop;

/** What is measured on the bench; lengths. */
public enum BenchField {
  BOWL_OPENING("bowl opening", false),
  BOWL_DEPTH("depth to the lens", false),
  BEHIND("room behind the mount", false),
  HOLE("bulb hole", false),
  CUT_TO("may be cut to", false),
  LENS("projector's lens", false),
  SHROUD("shroud", false),
  FRONT("projector in front of the mount", false),
  BACK("projector behind the mount", false),
  THREAD("thread of the boss", false),
  BENCH_DISTANCE("bench to wall", false),
  RUN("between the two places of the cutoff", false),
  FACTORY_LEFT("factory cutoff, at the left", true),
  FACTORY_RIGHT("factory cutoff, at the right", true),
  NOW_LEFT("projector's cutoff, at the left", true),
  NOW_RIGHT("projector's cutoff, at the right", true);

  private final String words;
  private final boolean bySide;

  BenchField(String words, boolean bySide) {
    this.words = words;
    this.bySide = bySide;
  }

  public String words() {
    return words;
  }

  /** Whether each lamp has its own. */
  public boolean bySide() {
    return bySide;
  }
}
