package mellow.core.entry;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** Carries a refusal out of the scanner; it never leaves this package. */
@SuppressWarnings("serial")
final class EntryProblem extends Refused {
  private final int at;
  private final Sentence wouldBeRight;

  EntryProblem(int at, Sentence why, Sentence wouldBeRight) {
    super(why);
    this.at = at;
    this.wouldBeRight = wouldBeRight;
  }

  <T> Entry<T> refusing(String typed) {
    return new Entry.Refused<>(typed, Math.min(at, typed.length()), says(), wouldBeRight);
  }
}
