package mellow.server.record;

import java.util.function.UnaryOperator;
import mellow.server.platform.Refusal;

/** The refusal of a document that somebody else changed meanwhile, with all that differs. */
public final class Differences {
  private Differences() {}

  /**
   * Refuses it.
   *
   * @param current what the page is shown
   * @param theirs the document as it is kept
   * @param mine as it was sent
   */
  public static <T extends Record> Refusal stale(
      String changedBy, Object current, T theirs, T mine) {
    return stale(changedBy, current, theirs, mine, id -> "");
  }

  /**
   * The same of a document that refers to others by their ids.
   *
   * @param names what is called so; empty where that is not known
   */
  public static <T extends Record> Refusal stale(
      String changedBy, Object current, T theirs, T mine, UnaryOperator<String> names) {
    return Refusal.stale(changedBy, current)
        .with(
            "differences",
            Comparer.between(theirs, mine, names).stream().map(DifferenceView::of).toList());
  }
}
