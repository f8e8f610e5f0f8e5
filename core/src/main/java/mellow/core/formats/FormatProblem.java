package mellow.core.formats;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** A file that cannot be taken; it says what is wrong, and {@link #place()} where. */
@SuppressWarnings("serial")
public final class FormatProblem extends Refused {
  private final String place;

  FormatProblem(String place, Sentence says) {
    super(says);
    this.place = place;
  }

  /** JSON pointer to the part at fault; empty for the whole file. */
  public String place() {
    return place;
  }
}
