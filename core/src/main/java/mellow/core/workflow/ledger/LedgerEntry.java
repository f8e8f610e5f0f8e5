package mellow.core.workflow.ledger;

/** What is written into the ledger; nothing is ever taken out, only struck through. */
public sealed interface LedgerEntry {
  /** Unique among all entries. */
  String id();

  /** Something comes off. */
  record Out(LedgerRow row) implements LedgerEntry {
    @Override
    public String id() {
      return row.id();
    }
  }

  /**
   * A line is completed or put right; it stays where it stands in the order.
   *
   * @param row with the id of the line
   */
  record Changed(String id, LedgerRow row) implements LedgerEntry {}

  /**
   * Something becomes of some of a line.
   *
   * @param rowId of the line
   * @param count how many of it
   */
  record Moved(String id, String rowId, LedgerMove move, int count) implements LedgerEntry {}

  /**
   * An earlier entry was wrong, or is undone.
   *
   * @param struckId of that entry
   */
  record Struck(String id, String struckId) implements LedgerEntry {}
}
