package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;

/** What the ledger comes to while the front goes together. */
public final class LedgerFindings {
  private static final Source COUNTED =
      Source.commonPractice("fasteners and connectors are counted: nothing is left over");

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
              FindingKey.of("together.all"),
              Verdict.WITHIN,
              COUNTED,
              Sentence.of("Everything that came off is back: nothing left over")));
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
                    Words.typed("What is “%s”?".formatted(row.what().name())),
                    "Press its line and choose what it is."))
        .toList();
  }

  private static Finding awaiting(LedgerLine line) {
    return Finding.plain(
            FindingKey.of("together.broken", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            Sentence.of(
                "{0} of “" + Words.typed(line.row().words()) + "” without a new one",
                Figure.count(line.awaiting())))
        .withRemedy(Sentence.of("Fit a new one, and mark it replaced."));
  }

  private static Finding passedOver(LedgerLine line, LedgerLine piece) {
    String row = Words.typed(line.row().words());
    return Finding.plain(
            FindingKey.of("together.passed", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            Sentence.of(line.row().isConnector() ? "Not plugged: " + row : "Left out: " + row))
        .withDetail(Sentence.of("It lies behind what is back: " + Words.typed(piece.row().words())))
        .withRemedy(Sentence.of("Take it off once more; or mark the line back if it is in."));
  }

  private static Finding leftOver(LedgerLine line, int count) {
    return Finding.plain(
            FindingKey.of("together.left", line.row().subject()),
            Verdict.OUT,
            COUNTED,
            Sentence.of("{0} left over: " + Words.typed(line.row().words()), Figure.count(count)))
        .withRemedy(Sentence.of("The front was said to be closed: find where it belongs."));
  }

  private static Finding byHand(LedgerLine line) {
    return Finding.plain(
            FindingKey.of("together.hand", line.row().subject()),
            Verdict.OUT,
            Source.commonPractice("all by hand, align, then tighten; snug, not hard"),
            Sentence.of(
                "{0} in by hand only: " + Words.typed(line.row().words()),
                Figure.count(line.byHand())))
        .withRemedy(Sentence.of("Look at the gaps, then tighten."));
  }

  private static Finding stillOut(Ledger ledger) {
    return Finding.notKnown(
        FindingKey.of("together.out"),
        COUNTED,
        ledger.out() + (ledger.out() == 1 ? " thing is still out" : " things are still out"),
        "Go on with the next line of the ledger.");
  }
}
