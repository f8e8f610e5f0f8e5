package mellow.core.proof;

/** What a lamp did when it was tried: it does not just work or not. */
public enum Outcome {
  WORKS,
  AFTER_TRIES,
  WEAK,
  FLICKERS,
  DEAD,
  /** It should be out. */
  LIT;

  public boolean isFault() {
    return this != WORKS && this != AFTER_TRIES;
  }
}
