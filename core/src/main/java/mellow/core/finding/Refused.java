package mellow.core.finding;

/** Something that somebody sent or typed and that cannot hold; says why, for people. */
@SuppressWarnings("serial")
public abstract class Refused extends Exception {
  private final Sentence says;

  protected Refused(Sentence says) {
    super(says.toString());
    this.says = says;
  }

  public final Sentence says() {
    return says;
  }
}
