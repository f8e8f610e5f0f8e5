package mellow.core.workflow.ledger;

/** What is counted: what holds something, what is plugged, and what comes off. */
public enum FastenerKind {
  BOLT("bolt", "bolts", true),
  NUT("nut", "nuts", true),
  SCREW("screw", "screws", true),
  /** Its pin is pulled up, then the body. */
  CLIP_PULL("clip, pin pulled", "clips, pin pulled", false),
  /** Its pin is pushed in; it is pressed back through before the clip is used again. */
  CLIP_PUSH("clip, pin pushed", "clips, pin pushed", false),
  RIVET("rivet", "rivets", false),
  TAB("tab", "tabs", false),
  LATCH("latch", "latches", false),
  STUD("ball stud", "ball studs", false),
  PEG("locating peg", "locating pegs", false),
  CONNECTOR("connector", "connectors", false),
  /** Bumper, grille, trim, liner, lamp: what the others hold. */
  PIECE("piece", "pieces", false),
  /** Bulb, socket, bracket, bezel, motor: counted by its name. */
  THING("thing", "things", false),
  /** Called by a name that is not known here: it is asked what it is. */
  UNSORTED("thing", "things", false);

  private final String words;
  private final String several;
  private final boolean threaded;

  FastenerKind(String words, String several, boolean threaded) {
    this.words = words;
    this.several = several;
    this.threaded = threaded;
  }

  public String words() {
    return words;
  }

  /** In words, for so many of them. */
  public String words(int count) {
    return count == 1 ? words : several;
  }

  /** Whether it is told by its own name instead of its kind's. */
  boolean named() {
    return this == PIECE || this == THING || this == UNSORTED;
  }

  /** Whether it goes in by hand first and is tightened after everything is aligned. */
  public boolean threaded() {
    return threaded;
  }
}
