package mellow.core.hunt;

/** What a shop checks with. */
public enum Tool {
  METER,
  CLAMP,
  TEST_LIGHT,
  /** Wires with clips, the feed one with a fuse. */
  LEADS,
  GOOD_LAMP,
  GOOD_RELAY,
  GOOD_FUSE,
  /** For a lamp by itself. */
  HELPER_BATTERY
}
