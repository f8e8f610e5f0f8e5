package mellow.core.workflow.ledger;

/** What becomes of some of a line of the ledger. */
public enum LedgerMove {
  /** Back in its place; what has a thread by hand only. */
  BACK,
  /** Of those with a thread that are in by hand: tightened. */
  TIGHT,
  /** Broken or lost: a new one has to come. */
  BROKEN,
  /** A new one went in for a broken one. */
  REPLACED,
  /** Loosened only: it stays in its hole, taped so that it does not drop. */
  STAYS
}
