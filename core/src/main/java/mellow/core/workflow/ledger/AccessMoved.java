package mellow.core.workflow.ledger;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.Side;
import mellow.core.workflow.WorkKind;

/** Headlamps that came off only for access: they are proved and aimed again. */
public final class AccessMoved {
  private static final Source AGAIN = Source.commonPractice(LedgerWords.srcAccess());
  private static final Set<WorkKind> OF_HEADLAMPS =
      Set.of(WorkKind.SWAP, WorkKind.RETROFIT, WorkKind.REPAIR, WorkKind.AIM);

  private AccessMoved() {}

  /**
   * How the job stands otherwise.
   *
   * @param kinds what is wanted
   * @param wallPlanned the plan has a wall
   * @param proved every function was proved
   * @param aimed the wall has nothing open
   */
  public record Around(Set<WorkKind> kinds, boolean wallPlanned, boolean proved, boolean aimed) {}

  /** A finding for each. */
  public static List<Finding> of(Ledger ledger, Around around) {
    List<Finding> findings = new ArrayList<>();
    if (around.kinds().stream().anyMatch(OF_HEADLAMPS::contains)) {
      return findings;
    }
    for (LedgerRow row : headlamps(ledger)) {
      findings.add(finding(row.id(), Sentence.typed(row.what().name()).capital(), around));
    }
    return findings;
  }

  private static List<LedgerRow> headlamps(Ledger ledger) {
    return ledger.lines().stream()
        .map(LedgerLine::row)
        .filter(LedgerRow::isPiece)
        .filter(HangsOn::isHeadlamp)
        .toList();
  }

  /** The sides whose headlamp came off; both, where it was not said which. */
  public static Set<Side> headlampsOff(Ledger ledger) {
    Set<Side> off = EnumSet.noneOf(Side.class);
    for (LedgerRow row : headlamps(ledger)) {
      row.side().ifPresentOrElse(off::add, () -> off.addAll(EnumSet.allOf(Side.class)));
    }
    return off;
  }

  private static Finding finding(String id, Sentence name, Around around) {
    boolean done = around.proved() && around.aimed();
    Finding finding =
        Finding.plain(
            FindingKey.of("together.access", SubjectKind.FASTENERS.named(id)),
            done ? Verdict.WITHIN : Verdict.NOT_KNOWN,
            AGAIN,
            done ? LedgerWords.accessDone(name) : LedgerWords.accessOpen(name));
    if (done) {
      return finding;
    }
    return finding.withRemedy(
        around.wallPlanned()
            ? Remedy.of(
                Remedy.Action.TRY,
                around.proved() ? Remedy.Page.WALL : Remedy.Page.PROVE,
                LedgerWords.proveAndRead())
            : Remedy.of(Remedy.Action.ENTER, Remedy.Page.TAKE_IN, LedgerWords.planWall()));
  }
}
