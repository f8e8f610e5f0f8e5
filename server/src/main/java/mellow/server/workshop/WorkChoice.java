package mellow.server.workshop;

import java.util.List;

/** What is chosen of ways of working, and what each may be. */
public enum WorkChoice {
  MOUNT("RING", "GLUED"),
  ROLL("ON_BENCH", "ON_VEHICLE"),
  SEAL("GLUED", "WELDED"),
  LENS("AS_IT_IS", "RESTORE"),
  FIRST_SIDE("LEFT", "RIGHT"),
  /** Whether anything is drilled: blank covers and brackets have their holes. */
  HOLE("DRILLED", "NONE"),
  /** What closes the lens: butyl holds at once, a sealant cures. */
  RESEAL("SEALANT", "BUTYL"),
  /** Negative off before any work, or a lead added to a live battery. */
  BATTERY("NEGATIVE_OFF", "LIVE");

  private final List<String> values;

  WorkChoice(String... values) {
    this.values = List.of(values);
  }

  List<String> answers() {
    return values;
  }
}
