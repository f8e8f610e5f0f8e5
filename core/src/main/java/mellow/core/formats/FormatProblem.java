package mellow.core.formats;

/** A file that cannot be taken; the message says what is wrong, {@link #place()} where. */
@SuppressWarnings("serial")
public final class FormatProblem extends Exception {
  private final String place;

  FormatProblem(String place, String why) {
    super(why);
    this.place = place;
  }

  /** JSON pointer to the part at fault; empty for the whole file. */
  public String place() {
    return place;
  }
}
