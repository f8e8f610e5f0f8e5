package mellow.core.retrofit;

/** What is measured on the bench; lengths. */
public enum BenchField {
  BOWL_OPENING(false),
  BOWL_DEPTH(false),
  BEHIND(false),
  HOLE(false),
  CUT_TO(false),
  LENS(false),
  SHROUD(false),
  FRONT(false),
  BACK(false),
  THREAD(false),
  BENCH_DISTANCE(false),
  RUN(false),
  FACTORY_LEFT(true),
  FACTORY_RIGHT(true),
  NOW_LEFT(true),
  NOW_RIGHT(true);

  private final boolean bySide;

  BenchField(boolean bySide) {
    this.bySide = bySide;
  }

  /** Whether each lamp has its own. */
  public boolean bySide() {
    return bySide;
  }
}
