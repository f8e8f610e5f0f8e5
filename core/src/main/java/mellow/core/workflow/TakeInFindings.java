package mellow.core.workflow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** What the taking in of a vehicle comes to. */
public final class TakeInFindings {
  private static final Source GRID =
      Source.commonPractice("every function is tried before work starts");
  private static final Source STANCE =
      Source.commonPractice("aim is lost after a lift, a level, other tyres or load: aim again");
  private static final Source HOUSING =
      Source.commonPractice("HID or LED in a housing not made for it");

  private static final Source LEFT_OUT =
      Source.judged("what the work brings is done, or left out with its reason");

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
              Source.judged("the plan follows from it"),
              "What is wanted is not said yet",
              "Choose the kinds of work: the plan follows."));
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
              FindingKey.of("take-in.all"),
              Verdict.WITHIN,
              GRID,
              Sentence.of("Everything that was tried works as it came")));
    }
    return findings;
  }

  private static Finding leftOut(Stage stage, String reason) {
    return Finding.plain(
        FindingKey.of("take-in.left-out", SubjectKind.STAGE.named(stage.name())),
        Verdict.AT_EDGE,
        LEFT_OUT,
        Sentence.of(Words.typed("Left out: %s (%s)".formatted(stage.words(), reason))));
  }

  private static Finding change(PriorChange change, TakeIn takeIn, SinceThen since) {
    FindingKey key = FindingKey.of("take-in.change", SubjectKind.CHANGE.named(change.name()));
    Sentence says = Sentence.of("Before: " + change.words());
    if (change.isOfStance() && since.readAgain()) {
      return Finding.plain(
              key,
              Verdict.WITHIN,
              STANCE,
              Sentence.of("Before: " + change.words() + "; lamps and cutoffs were read since"))
          .withRemedy(Sentence.of("What the beams do is told at the wall."));
    }
    if (change.isOfStance()) {
      return Finding.plain(
              key, takeIn.stanceNoted() ? Verdict.WITHIN : Verdict.NOT_KNOWN, STANCE, says)
          .withRemedy(
              Sentence.of(
                  takeIn.stanceNoted()
                      ? "Noted at As it came; lamps are measured and aimed anew."
                      : "Note at As it came what it was and what it is now."));
    }
    Source source = change == PriorChange.WIRING ? GRID : HOUSING;
    return Finding.plain(key, Verdict.AT_EDGE, source, says)
        .withRemedy(
            Sentence.of(
                change == PriorChange.WIRING
                    ? "Probe before trusting any colour or fuse; note what was found."
                    : "Read the lens, and tell the customer what the local inspection may say."));
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

  private static String who(LampCheck check) {
    return Words.capital(check.side().word()) + " " + check.function().words();
  }

  private static Finding mended(LampCheck check) {
    return Finding.plain(
        key(check),
        Verdict.WITHIN,
        GRID,
        Sentence.of(who(check) + ": " + check.state().past() + ", works now"));
  }

  private static Finding fault(LampCheck check, TakeIn takeIn) {
    Sentence.Builder says = Sentence.build().text(who(check) + ": " + check.state().words());
    if (check.state() == LampCheck.State.AFTER_TRIES && check.tries() > 0) {
      says.text(", ").figure(Figure.count(check.tries()));
    }
    return Finding.plain(key(check), Verdict.OUT, GRID, says.text(", as it came").done())
        .withRemedy(
            Sentence.of(
                takeIn.kinds().contains(WorkKind.REPAIR)
                    ? "It is part of the work: find the cause first."
                    : "Show it to the customer before work starts; add a repair?"));
  }

  private static Optional<Finding> untried(TakeIn takeIn) {
    List<String> open = new ArrayList<>();
    for (LampFunction function : ALWAYS_FITTED) {
      for (Side side : Side.values()) {
        if (takeIn.checks().stream()
            .noneMatch(check -> check.function() == function && check.side() == side)) {
          open.add(function.words() + " " + side.word());
        }
      }
    }
    if (open.isEmpty()) {
      return Optional.empty();
    }
    String words = open.size() == 1 ? " is not tried yet" : " are not tried yet";
    String what = open.size() > 2 ? open.size() + " functions" : String.join(" and ", open);
    return Optional.of(
        Finding.notKnown(
            FindingKey.of("take-in.untried"),
            GRID,
            Words.capital(what) + words,
            "Try them with the customer there, and note each."));
  }
}
