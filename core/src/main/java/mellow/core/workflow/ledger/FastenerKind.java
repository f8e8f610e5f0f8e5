package mellow.core.workflow.ledger;

import mellow.core.finding.Sentence;

/** What is counted: what holds something, what is plugged, and what comes off. */
public enum FastenerKind {
  BOLT(true),
  NUT(true),
  SCREW(true),
  /** Its pin is pulled up, then the body. */
  CLIP_PULL(false),
  /** Its pin is pushed in; it is pressed back through before the clip is used again. */
  CLIP_PUSH(false),
  RIVET(false),
  TAB(false),
  LATCH(false),
  STUD(false),
  PEG(false),
  CONNECTOR(false),
  /** Bumper, grille, trim, liner, lamp: what the others hold. */
  PIECE(false),
  /** Bulb, socket, bracket, bezel, motor: counted by its name. */
  THING(false),
  /** Called by a name that is not known here: it is asked what it is. */
  UNSORTED(false);

  private final boolean threaded;

  FastenerKind(boolean threaded) {
    this.threaded = threaded;
  }

  /** In words, for so many of them: "clips, pin pulled". */
  Sentence words(int count) {
    return LedgerWords.kind(this, count);
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
