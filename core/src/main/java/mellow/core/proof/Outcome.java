package mellow.core.proof;

/** What a lamp did when it was tried: it does not just work or not. */
public enum Outcome {
  WORKS("works"),
  AFTER_TRIES("works after tries"),
  WEAK("weak"),
  FLICKERS("flickers"),
  DEAD("dead"),
  /** It should be out. */
  LIT("lit, should be out");

  private final String words;

  Outcome(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean isFault() {
    return this != WORKS && this != AFTER_TRIES;
  }
}
