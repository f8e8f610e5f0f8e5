package mellow.core.workflow.schedule;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.LampCheck.State;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.SinceThen;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.core.workflow.WorkflowWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice: what works as it came is tried and noted before anything is touched. */
class TakeInFindingsTest {
  /** What every road vehicle has at its front, on both sides. */
  private static List<LampCheck> everything(State state) {
    List<LampCheck> checks = new ArrayList<>();
    for (LampFunction function :
        List.of(LampFunction.DIPPED, LampFunction.MAIN, LampFunction.POSITION, LampFunction.TURN)) {
      for (Side side : Side.values()) {
        checks.add(new LampCheck(function, side, state, 0));
      }
    }
    return checks;
  }

  private static TakeIn takeIn(
      Set<WorkKind> kinds, Set<PriorChange> changes, boolean noted, List<LampCheck> checks) {
    return new TakeIn(kinds, TakeIn.Access.LAMPS_ONLY, false, false, true, changes, noted, checks);
  }

  private static List<Finding> of(WorkKind kind, List<LampCheck> checks) {
    return TakeInFindings.of(takeIn(Set.of(kind), Set.of(), false, checks), SinceThen.NOTHING);
  }

  private static Finding change(PriorChange change, boolean noted) {
    return TakeInFindings.of(
            takeIn(Set.of(WorkKind.AIM), Set.of(change), noted, everything(State.WORKS)),
            SinceThen.NOTHING)
        .get(0);
  }

  @Test
  void nothingIsToBeSaidOnceAllWasTriedAndWorks() {
    assertThat(of(WorkKind.AIM, everything(State.WORKS)))
        .singleElement()
        .satisfies(all -> assertThatFinding(all).is(Verdict.WITHIN).says(WorkflowWords.allWorks()));
  }

  @Test
  void whatIsWantedIsAskedFirst() {
    Finding first =
        TakeInFindings.of(
                takeIn(Set.of(), Set.of(), false, everything(State.WORKS)), SinceThen.NOTHING)
            .get(0);
    assertThatFinding(first).is(Verdict.NOT_KNOWN).says(WorkflowWords.wantedUnknown());
  }

  @Test
  void whatWasNotTriedIsNamedWhileItIsFew() {
    List<LampCheck> checks = everything(State.WORKS);
    assertThatFinding(of(WorkKind.AIM, checks.subList(1, 8)).get(0))
        .is(Verdict.NOT_KNOWN)
        .says("workflow.untried", "openList=left low beam");
    assertThatFinding(of(WorkKind.AIM, checks.subList(2, 8)).get(0))
        .says("workflow.untried", "openList=left low beam, right low beam");
    assertThatFinding(of(WorkKind.AIM, List.of()).get(0)).says("workflow.manyUntried", "open=8");
  }

  /**
   * Results are not yes or no: works after tries, weak, flickers and dead are faults as it came.
   */
  @ParameterizedTest
  @CsvSource({
    "AFTER_TRIES, workflow.afterTries, tries=3",
    "WEAK, workflow.fault, found=WEAK",
    "FLICKERS, workflow.fault, found=FLICKERS",
    "DEAD, workflow.fault, found=DEAD"
  })
  void faultIsShownToTheCustomerBeforeWorkStarts(State state, String key, String argument) {
    List<LampCheck> checks = everything(State.WORKS);
    checks.set(
        3, new LampCheck(LampFunction.MAIN, Side.RIGHT, state, state == State.AFTER_TRIES ? 3 : 0));
    assertThatFinding(of(WorkKind.FOG, checks).get(0))
        .is(Verdict.OUT)
        .says(key, argument, "lampSentence=Right main beam")
        .advises("workflow.showCustomer");
    assertThatFinding(of(WorkKind.REPAIR, checks).get(0)).advises("workflow.findCause");
  }

  @Test
  void lampThatIsNotFittedIsNoFault() {
    List<LampCheck> checks = everything(State.WORKS);
    checks.add(new LampCheck(LampFunction.FRONT_FOG, Side.LEFT, State.NOT_FITTED, 0));
    assertThat(of(WorkKind.FOG, checks))
        .extracting(Finding::verdict)
        .containsExactly(Verdict.WITHIN);
  }

  /** After a lift, other tyres or load marks from before are no target. */
  @ParameterizedTest
  @CsvSource({"SUSPENSION", "TYRES", "LOAD"})
  void whatMovesTheBeamsIsNotedAtAsItCame(PriorChange change) {
    assertThatFinding(change(change, false))
        .is(Verdict.NOT_KNOWN)
        .advises(WorkflowWords.noteStance());
    assertThatFinding(change(change, true)).is(Verdict.WITHIN);
  }

  @Test
  void otherChangesAreLookedInto() {
    assertThatFinding(change(PriorChange.WIRING, false))
        .is(Verdict.AT_EDGE)
        .advises("workflow.probeFirst");
    assertThatFinding(change(PriorChange.BULBS, false))
        .is(Verdict.AT_EDGE)
        .advises("workflow.readLens");
  }

  /** "Dead, as it came" is over once the lamp was proved after the repair. Common practice. */
  @Test
  void whatWasDeadAndWorksNowIsNoLongerOut() {
    LampCheck dead = new LampCheck(LampFunction.FRONT_FOG, Side.LEFT, State.DEAD, 0);
    TakeIn repair = takeIn(Set.of(WorkKind.REPAIR), Set.of(), false, List.of(dead));
    SinceThen right =
        new SinceThen(Set.of(new SinceThen.Lamp(LampFunction.FRONT_FOG, Side.RIGHT)), false);
    SinceThen left =
        new SinceThen(Set.of(new SinceThen.Lamp(LampFunction.FRONT_FOG, Side.LEFT)), false);
    assertThatFinding(TakeInFindings.of(repair, right).get(0)).is(Verdict.OUT);
    assertThatFinding(TakeInFindings.of(repair, left).get(0))
        .is(Verdict.WITHIN)
        .says("workflow.mended", "found=DEAD", "lampSentence=Left front fog lamp");
  }

  @Test
  void otherSpringsAreSettledOnceTheLampsWereRead() {
    TakeIn lifted =
        takeIn(
            Set.of(WorkKind.AIM), Set.of(PriorChange.SUSPENSION), false, everything(State.WORKS));
    assertThatFinding(TakeInFindings.of(lifted, SinceThen.NOTHING).get(0)).is(Verdict.NOT_KNOWN);
    assertThatFinding(TakeInFindings.of(lifted, new SinceThen(Set.of(), true)).get(0))
        .is(Verdict.WITHIN);
  }
}
