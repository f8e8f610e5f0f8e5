package mellow.core.fault;

import java.util.stream.Stream;

/** Under what a fault that comes and goes is there, or under what a lamp is looked at. */
public enum Condition {
  /** By itself: nobody knows yet under what. In every state the engine runs. */
  ANY(0),
  /** After ten minutes of light. */
  WARM(10),
  /** From cold. */
  COLD(6),
  /** Sprayed with water. */
  WET(2),
  /** Of a fault: with the engine running, which shakes everything. */
  ENGINE(0),
  /** Of a look: with the engine off. */
  STILL(1);

  private final double minutes;

  Condition(double minutes) {
    this.minutes = minutes;
  }

  /** Minutes to bring it about. Judged. */
  double minutes() {
    return minutes;
  }

  /** Under what checks of one moment are made. */
  static Condition of(Stream<Check> moment) {
    return moment
        .map(Check::condition)
        .filter(condition -> condition != ANY)
        .findFirst()
        .orElse(ANY);
  }
}
