package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;

/** What the ledger comes to while the front goes together. */
public final class LedgerFindings {
  private static final Source COUNTED = Source.commonPractice(LedgerWords.srcCounted());

  private LedgerFindings() {}

  /**
   * The findings, gravest first; empty while nothing came off. What is still to go in is a matter
   * of time until somebody says that the front is closed or tight.
   *
   * @param closed the front was said to be closed, or everything tight
   */
  public static List<Finding> of(Ledger ledger, boolean closed) {
    List<Finding> out = new ArrayList<>();
    for (LedgerLine line : ledger.lines()) {
      int sound = line.out() - line.awaiting();
      if (line.awaiting() > 0) {
        out.add(awaiting(line));
      }
      if (sound > 0) {
        ledger
            .hiddenBy(line)
            .ifPresentOrElse(
                piece -> out.add(passedOver(line, piece)),
                () -> {
                  if (closed) {
                    out.add(leftOver(line, sound));
                  }
                });
      }
      if (line.byHand() > 0 && (closed || ledger.out() == 0)) {
        out.add(byHand(line));
      }
    }
    if (!closed && ledger.refitBegun() && ledger.out() > 0) {
      out.add(stillOut(ledger));
    }
    if (out.isEmpty() && ledger.refitBegun()) {
      out.add(
          Finding.plain(
              FindingKey.of("together.all"), Verdict.WITHIN, COUNTED, LedgerWords.allBack()));
    }
    return out;
  }

  /** What was called by a name that nobody knows here. */
  public static List<Finding> unsorted(Ledger ledger) {
    return ledger.lines().stream()
        .map(LedgerLine::row)
        .filter(LedgerRow::isUnsorted)
        .map(
            row ->
                Finding.notKnown(
                    FindingKey.of("apart.unsorted", row.subject()),
                    COUNTED,
                    LedgerWords.whatIs(row.what().name()),
                    Remedy.of(Remedy.Action.ENTER, Remedy.Page.TOGETHER, LedgerWords.chooseWhat())))
        .toList();
  }

  private static Finding awaiting(LedgerLine line) {
    return Finding.plain(
            FindingKey.of("together.broken", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            LedgerWords.awaiting(line.awaiting(), line.row().words()))
        .withRemedy(Remedy.of(Remedy.Action.REFIT, Remedy.Page.TOGETHER, LedgerWords.fitNew()));
  }

  private static Finding passedOver(LedgerLine line, LedgerLine piece) {
    Sentence row = line.row().words();
    return Finding.plain(
            FindingKey.of("together.passed", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            line.row().isConnector() ? LedgerWords.notPlugged(row) : LedgerWords.leftOut(row))
        .withDetail(LedgerWords.behind(piece.row().words()))
        .withRemedy(
            Remedy.of(Remedy.Action.REFIT, Remedy.Page.TOGETHER, LedgerWords.takeOffAgain()));
  }

  private static Finding leftOver(LedgerLine line, int count) {
    return Finding.plain(
            FindingKey.of("together.left", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            LedgerWords.leftOver(count, line.row().words()))
        .withRemedy(Remedy.of(Remedy.Action.CHECK, Remedy.Page.TOGETHER, LedgerWords.findPlace()));
  }

  private static Finding byHand(LedgerLine line) {
    return Finding.plain(
            FindingKey.of("together.hand", line.row().subject()),
            Verdict.OUT,
            Source.commonPractice(LedgerWords.srcByHand()),
            LedgerWords.byHand(line.byHand(), line.row().words()))
        .withRemedy(Remedy.of(Remedy.Action.REFIT, Remedy.Page.TOGETHER, LedgerWords.tighten()));
  }

  private static Finding stillOut(Ledger ledger) {
    return Finding.notKnown(
        FindingKey.of("together.out"),
        COUNTED,
        LedgerWords.stillOut(ledger.out()),
        Remedy.of(Remedy.Action.REFIT, Remedy.Page.TOGETHER, LedgerWords.goOn()));
  }
}
