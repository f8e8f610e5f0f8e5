package mellow.core.measure;

/** Carries a refusal out of the scanner; it never leaves this package. */
@SuppressWarnings("serial")
final class EntryProblem extends Exception {
  private final int at;
  private final String wouldBeRight;

  EntryProblem(int at, String why, String wouldBeRight) {
    super(why, null, false, false);
    this.at = at;
    this.wouldBeRight = wouldBeRight;
  }

  <T> Entry<T> refusing(String typed) {
    return new Entry.Refused<>(typed, Math.min(at, typed.length()), getMessage(), wouldBeRight);
  }
}
