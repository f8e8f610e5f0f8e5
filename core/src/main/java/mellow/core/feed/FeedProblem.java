package mellow.core.feed;

import mellow.core.finding.Refused;
import mellow.core.finding.Sentence;

/** A plan or an answer that cannot hold, and the place in it that is at fault. */
@SuppressWarnings("serial")
public final class FeedProblem extends Refused {
  private final String place;

  public FeedProblem(String place, Sentence says) {
    super(says);
    this.place = place;
  }

  /** The block, question or answer at fault. */
  public String place() {
    return place;
  }
}
