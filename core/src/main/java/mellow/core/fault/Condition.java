package mellow.core.fault;

/** Under what a fault that comes and goes is there, or under what a lamp is looked at. */
public enum Condition {
  /** By itself: nobody knows yet under what. */
  ANY(0),
  /** After ten minutes of light. */
  WARM(10),
  /** From cold. */
  COLD(6),
  /** Sprayed with water. */
  WET(2),
  /** With the engine running: it shakes everything. */
  ENGINE(1);

  private final double minutes;

  Condition(double minutes) {
    this.minutes = minutes;
  }

  /** Minutes to bring it about. Judged. */
  double minutes() {
    return minutes;
  }
}
