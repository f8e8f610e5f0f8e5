package mellow.core.workflow.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.SinceThen;
import mellow.core.workflow.Stage;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.WorkflowWords;

/** What the taking in of a vehicle comes to. */
public final class TakeInFindings {
  private static final Source GRID = Source.commonPractice(WorkflowWords.srcGrid());
  private static final Source STANCE = Source.commonPractice(WorkflowWords.srcStance());
  private static final Source HOUSING = Source.commonPractice(WorkflowWords.srcHousing());

  private static final Source LEFT_OUT = Source.judged(WorkflowWords.srcLeftOut());

  /** What every road vehicle has at its front. */
  private static final List<LampFunction> ALWAYS_FITTED =
      List.of(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN);

  private TakeInFindings() {}

  /** The findings, in the order in which things are asked. */
  public static List<Finding> of(TakeIn takeIn, SinceThen since) {
    List<Finding> findings = new ArrayList<>();
    if (takeIn.kinds().isEmpty()) {
      findings.add(
          Finding.notKnown(
              FindingKey.of("take-in.wanted"),
              Source.judged(WorkflowWords.srcPlan()),
              WorkflowWords.wantedUnknown(),
              Remedy.of(Remedy.Action.ENTER, Remedy.Page.TAKE_IN, WorkflowWords.chooseWork())));
    }
    takeIn.changes().stream()
        .sorted()
        .map(change -> change(change, takeIn, since))
        .forEach(findings::add);
    for (LampCheck check : takeIn.checks()) {
      if (check.state().isFault()) {
        findings.add(since.isWorking(check) ? mended(check) : fault(check, takeIn));
      }
    }
    untried(takeIn).ifPresent(findings::add);
    Plan.leftOut(takeIn).forEach((stage, reason) -> findings.add(leftOut(stage, reason)));
    if (findings.isEmpty()) {
      findings.add(
          Finding.plain(
              FindingKey.of("take-in.all"), Verdict.WITHIN, GRID, WorkflowWords.allWorks()));
    }
    return findings;
  }

  private static Finding leftOut(Stage stage, String reason) {
    return Finding.plain(
        FindingKey.of("take-in.left-out", SubjectKind.STAGE.named(stage.name())),
        Verdict.AT_EDGE,
        LEFT_OUT,
        WorkflowWords.stageLeftOut(stage, reason));
  }

  private static Finding change(PriorChange change, TakeIn takeIn, SinceThen since) {
    FindingKey key = FindingKey.of("take-in.change", SubjectKind.CHANGE.named(change.name()));
    Sentence says = WorkflowWords.before(change);
    if (change.isOfStance() && since.readAgain()) {
      return Finding.plain(key, Verdict.WITHIN, STANCE, WorkflowWords.readSince(change))
          .withRemedy(Remedy.of(Remedy.Action.CHECK, Remedy.Page.WALL, WorkflowWords.seeWall()));
    }
    if (change.isOfStance()) {
      return Finding.plain(
              key, takeIn.stanceNoted() ? Verdict.WITHIN : Verdict.NOT_KNOWN, STANCE, says)
          .withRemedy(
              Remedy.of(
                  Remedy.Action.ENTER,
                  Remedy.Page.CAME,
                  takeIn.stanceNoted() ? WorkflowWords.stanceNoted() : WorkflowWords.noteStance()));
    }
    Source source = change == PriorChange.WIRING ? GRID : HOUSING;
    return Finding.plain(key, Verdict.AT_EDGE, source, says)
        .withRemedy(
            change == PriorChange.WIRING
                ? Remedy.of(Remedy.Action.MEASURE, Remedy.Page.FEED, WorkflowWords.probeFirst())
                : Remedy.of(Remedy.Action.READ, Remedy.Page.PARTS, WorkflowWords.readLens()));
  }

  /** What was wrong when the vehicle came, and works now. */
  public static List<Finding> mended(TakeIn takeIn, SinceThen since) {
    return takeIn.checks().stream()
        .filter(check -> check.state().isFault() && since.isWorking(check))
        .map(TakeInFindings::mended)
        .toList();
  }

  private static FindingKey key(LampCheck check) {
    return FindingKey.of("take-in.works", Subject.Lamp.of(check.function(), check.side()));
  }

  private static Sentence who(LampCheck check) {
    return WorkflowWords.lamp(check.side(), check.function()).capital();
  }

  private static Finding mended(LampCheck check) {
    return Finding.plain(
        key(check), Verdict.WITHIN, GRID, WorkflowWords.mended(who(check), check.state()));
  }

  private static Finding fault(LampCheck check, TakeIn takeIn) {
    boolean counted = check.state() == LampCheck.State.AFTER_TRIES && check.tries() > 0;
    return Finding.plain(
            key(check),
            Verdict.OUT,
            GRID,
            counted
                ? WorkflowWords.afterTries(who(check), check.tries())
                : WorkflowWords.fault(who(check), check.state()))
        .withRemedy(
            takeIn.kinds().contains(WorkKind.REPAIR)
                ? Remedy.of(Remedy.Action.CHECK, Remedy.Page.PROVE, WorkflowWords.findCause())
                : Remedy.of(Remedy.Action.TELL, Remedy.Page.TAKE_IN, WorkflowWords.showCustomer()));
  }

  private static Optional<Finding> untried(TakeIn takeIn) {
    List<Sentence> open = new ArrayList<>();
    for (LampFunction function : ALWAYS_FITTED) {
      for (Side side : Side.values()) {
        if (takeIn.checks().stream()
            .noneMatch(check -> check.function() == function && check.side() == side)) {
          open.add(WorkflowWords.lamp(side, function));
        }
      }
    }
    if (open.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        Finding.notKnown(
            FindingKey.of("take-in.untried"),
            GRID,
            open.size() > 2
                ? WorkflowWords.manyUntried(open.size())
                : WorkflowWords.untried(open).capital(),
            Remedy.of(Remedy.Action.TRY, Remedy.Page.TAKE_IN, WorkflowWords.tryThem())));
  }
}
