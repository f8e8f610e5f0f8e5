package mellow.core.workflow.ledger;

/** An entry that the ledger cannot take, in a sentence for people. */
public final class LedgerProblem extends Exception {
  private static final long serialVersionUID = 1L;

  LedgerProblem(String why) {
    super(why);
  }

  /** The sentence. */
  public String why() {
    return String.valueOf(getMessage());
  }
}
