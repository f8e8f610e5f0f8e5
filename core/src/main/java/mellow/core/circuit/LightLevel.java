package mellow.core.circuit;

/** How bright a lamp is, as people say it. */
public enum LightLevel {
  OUT,
  REDUCED,
  FULL;

  /** Below this share of its rating nobody calls a lamp lit. Judged. */
  private static final double LIT = 0.01;

  /** From this share on it is as bright as meant; a dimmed one stays well below. Judged. */
  private static final double BRIGHT = 0.6;

  /**
   * @param share of its rated light, on the average
   */
  public static LightLevel of(double share) {
    if (share < LIT) {
      return OUT;
    }
    return share < BRIGHT ? REDUCED : FULL;
  }
}
