package mellow.core.finding;

/** Values that contradict what they stand for; says why, for people. */
@SuppressWarnings("serial")
public final class CannotBe extends IllegalArgumentException {
  private final Sentence why;

  public CannotBe(Sentence why) {
    super(why.toString());
    this.why = why;
  }

  /** A sentence of its own, or what follows "The relay: ". */
  public Sentence why() {
    return why;
  }
}
