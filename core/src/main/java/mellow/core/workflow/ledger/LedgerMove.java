package mellow.core.workflow.ledger;

/** What becomes of some of a line of the ledger. */
public enum LedgerMove {
  /** Back in its place; what has a thread by hand only. */
  BACK("back"),
  /** Of those with a thread that are in by hand: tightened. */
  TIGHT("tightened"),
  /** Broken or lost: a new one has to come. */
  BROKEN("broken"),
  /** A new one went in for a broken one. */
  REPLACED("replaced"),
  /** Loosened only: it stays in its hole, taped so that it does not drop. */
  STAYS("stays in its hole");

  private final String words;

  LedgerMove(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
