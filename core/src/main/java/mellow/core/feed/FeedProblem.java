package mellow.core.feed;

/** A plan or an answer that cannot hold, and the place in it that is at fault. */
@SuppressWarnings("serial")
public final class FeedProblem extends Exception {
  private final String place;

  public FeedProblem(String place, String sentence) {
    super(sentence);
    this.place = place;
  }

  /** The block, question or answer at fault. */
  public String place() {
    return place;
  }
}
