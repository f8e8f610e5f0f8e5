package mellow.core.workflow.schedule;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.finding.Caution;
import mellow.core.finding.Finding;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.formats.StepBook;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.workflow.LampCheck;
import mellow.core.workflow.PriorChange;
import mellow.core.workflow.SinceThen;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.TakeIn.Access;
import mellow.core.workflow.WorkKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlanTest {
  private static TakeIn wanted(Access access, WorkKind... kinds) {
    return new TakeIn(Set.of(kinds), access, false, false, true, Set.of(), false, List.of());
  }

  private static Plan plan(TakeIn takeIn, PastJob... past) {
    return Plan.of(takeIn, StepBook.all(), List.of(past));
  }

  private static List<Stage> stages(Plan plan) {
    return plan.stages().stream().map(PlannedStage::stage).toList();
  }

  private static List<String> steps(TakeIn takeIn) {
    return plan(takeIn).stages().stream()
        .flatMap(stage -> stage.steps().stream())
        .map(Step::id)
        .toList();
  }

  /**
   * Lamps by their own bolts, or the grille only: no step takes the bumper off. Common practice.
   */
  @Test
  void theBumperIsNoStepWhereItStaysOn() {
    for (Access access : Access.values()) {
      boolean off = access == Access.BUMPER_OFF;
      assertThat(steps(wanted(access, WorkKind.FOG)).contains("apart.bumper")).isEqualTo(off);
      assertThat(steps(wanted(access, WorkKind.FOG)).contains("together.bumper")).isEqualTo(off);
      assertThat(steps(wanted(access, WorkKind.FOG)))
          .as("one lies under it")
          .contains("apart.jack");
    }
  }

  /** From the cabin: nothing is raised, drilled or aimed. */
  @Test
  void rewiringNeedsNeitherJackNorDrillNorAim() {
    assertThat(steps(wanted(Access.LAMPS_ONLY, WorkKind.REWIRE)))
        .contains("feed.probe", "prove.functions")
        .doesNotContain("apart.jack", "apart.gate", "apart.liner", "wall.fog", "wall.low");
  }

  /** What works is proved in every job; any other stage goes with its reason. */
  @Test
  void stageIsLeftOutWithItsReason() {
    TakeIn fog = wanted(Access.BUMPER_OFF, WorkKind.FOG);
    TakeIn without = fog.without(Map.of(Stage.PLACE, "the covers have the holes"));
    assertThat(stages(plan(without))).doesNotContain(Stage.PLACE).contains(Stage.FEED);
    assertThat(Plan.stages(without)).doesNotContain(Stage.PLACE);
    assertThat(TakeInFindings.of(without, SinceThen.NOTHING))
        .filteredOn(finding -> finding.id().equals("take-in.left-out@stage:PLACE"))
        .singleElement()
        .satisfies(
            finding -> {
              assertThat(finding.verdict()).isEqualTo(Verdict.AT_EDGE);
              assertThatFinding(finding)
                  .says("workflow.stageLeftOut", "stage=PLACE", "reason=the covers have the holes");
            });
    TakeIn aim =
        wanted(Access.LAMPS_ONLY, WorkKind.AIM).without(Map.of(Stage.PLACE, "the covers have"));
    assertThat(Plan.leftOut(aim)).as("aiming brings no place").isEmpty();
    assertThatThrownBy(() -> fog.without(Map.of(Stage.PROVE, "no time")))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @EnumSource(WorkKind.class)
  void everyKindsStagesHaveStepsAndOrder(WorkKind kind) {
    Plan plan = plan(wanted(Access.BUMPER_OFF, kind));
    assertThat(plan.stages()).allSatisfy(stage -> assertThat(stage.steps()).isNotEmpty());
    assertThat(stages(plan)).isSorted().startsWith(Stage.TAKE_IN).endsWith(Stage.HAND_OVER);
  }

  @Test
  void aimingOnlyOpensAndDrillsNothing() {
    assertThat(stages(plan(wanted(Access.LAMPS_ONLY, WorkKind.AIM))))
        .containsExactly(Stage.TAKE_IN, Stage.CAME, Stage.WALL, Stage.HAND_OVER);
  }

  @Test
  void whileItIsNotSaidWhatIsWantedEveryStageOfMeasuringIsOpen() {
    TakeIn unsaid = wanted(Access.LAMPS_ONLY);
    assertThat(plan(unsaid).stages()).isEmpty();
    assertThat(Plan.stages(unsaid)).contains(Stage.CAME, Stage.PLACE, Stage.WALL);
    TakeIn fog = wanted(Access.BUMPER_OFF, WorkKind.FOG);
    assertThat(Plan.stages(fog)).isEqualTo(stages(plan(fog)));
  }

  @Test
  void kindsTogetherBringTheStagesOfEach() {
    assertThat(stages(plan(wanted(Access.BUMPER_OFF, WorkKind.RETROFIT, WorkKind.DRL))))
        .contains(Stage.BENCH, Stage.PLACE, Stage.WALL);
  }

  /** Common practice: whatever was loosened for access is proved and aimed again. */
  @Test
  void runningLampsGoToTheWallOnlyWhereHeadlampsWereLoosened() {
    assertThat(stages(plan(wanted(Access.BUMPER_OFF, WorkKind.DRL)))).doesNotContain(Stage.WALL);
    TakeIn loosened =
        new TakeIn(
            Set.of(WorkKind.DRL), Access.BUMPER_OFF, false, true, true, Set.of(), false, List.of());
    assertThat(stages(plan(loosened))).contains(Stage.WALL);
  }

  /**
   * Common practice: an adjuster that hides behind the closed front is used before it is closed.
   */
  @Test
  void aHiddenAdjusterBringsTheWallBeforeClosingAndASecondSetTheBenchBeforeOpening() {
    TakeIn takeIn =
        new TakeIn(
            Set.of(WorkKind.RETROFIT),
            Access.BUMPER_OFF,
            true,
            false,
            false,
            Set.of(),
            false,
            List.of());
    assertThat(stages(plan(takeIn)))
        .containsSubsequence(
            Stage.BENCH, Stage.APART, Stage.PROVE, Stage.WALL, Stage.TOGETHER, Stage.HAND_OVER);
  }

  /** Common practice: 20 minutes for a three-bolt lamp pair, 3 hours with the bumper off. */
  @Test
  void minutesAreCommonPracticeUntilOwnJobsTellThem() {
    assertThat(apart(plan(wanted(Access.LAMPS_ONLY, WorkKind.SWAP))))
        .satisfies(
            expected -> {
              assertThat(expected.minutes().value()).isEqualTo(20);
              assertThat(expected.source().mark()).isEqualTo(Source.Mark.COMMON_PRACTICE);
            });
    assertThat(
            apart(plan(wanted(Access.BUMPER_OFF, WorkKind.SWAP))).minutes().text(UnitSystem.METRIC))
        .isEqualTo("3 h");
    assertThat(plan(wanted(Access.LAMPS_ONLY, WorkKind.PODS)).stages())
        .allSatisfy(stage -> assertThat(stage.expected()).isEmpty());
    Expected own =
        apart(
            plan(
                wanted(Access.LAMPS_ONLY, WorkKind.SWAP),
                past(Access.LAMPS_ONLY, 35, WorkKind.SWAP),
                past(Access.LAMPS_ONLY, 25, WorkKind.SWAP, WorkKind.FOG),
                past(Access.LAMPS_ONLY, 90, WorkKind.REPAIR),
                past(Access.BUMPER_OFF, 200, WorkKind.SWAP)));
    assertThat(own.minutes().value()).isEqualTo(30);
    assertThat(own.source().mark()).isEqualTo(Source.Mark.DERIVED);
  }

  private static PastJob past(Access access, int minutes, WorkKind... kinds) {
    return new PastJob(Set.of(kinds), access, Map.of(Stage.APART, minutes));
  }

  private static Expected apart(Plan plan) {
    return plan.stages().stream()
        .filter(stage -> stage.stage() == Stage.APART)
        .findFirst()
        .flatMap(PlannedStage::expected)
        .orElseThrow();
  }

  @Test
  void whatSharesTheOpenBumperIsOffered() {
    assertThat(plan(wanted(Access.BUMPER_OFF, WorkKind.SWAP, WorkKind.DRL)).offered())
        .containsExactly(WorkKind.FOG, WorkKind.PODS);
    assertThat(plan(wanted(Access.LAMPS_ONLY, WorkKind.SWAP)).offered()).isEmpty();
    assertThat(plan(wanted(Access.BUMPER_OFF, WorkKind.AIM)).offered()).isEmpty();
  }

  @Test
  void eachCautionAndToolStandsOnceAndOnlyWhereItsWorkIs() {
    Plan retrofit = plan(wanted(Access.BUMPER_OFF, WorkKind.RETROFIT));
    assertThat(retrofit.atHand()).doesNotHaveDuplicates().contains("depth gauge");
    assertThat(retrofit.cautions())
        .extracting(Caution::id)
        .doesNotHaveDuplicates()
        .contains("oven", "negative-off", "high-voltage");
    assertThat(plan(wanted(Access.LAMPS_ONLY, WorkKind.AIM)).cautions())
        .extracting(Caution::id)
        .doesNotContain("oven", "negative-off");
  }

  private static Finding finding(TakeIn takeIn, String id) {
    return TakeInFindings.of(takeIn, SinceThen.NOTHING).stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aLampThatIsDeadOnArrivalIsOutAndUntriedOnesAreNotKnown() {
    LampCheck dead = new LampCheck(LampFunction.DIPPED, Side.LEFT, LampCheck.State.DEAD, 0);
    LampCheck tries = new LampCheck(LampFunction.MAIN, Side.LEFT, LampCheck.State.AFTER_TRIES, 3);
    TakeIn takeIn =
        new TakeIn(
            Set.of(WorkKind.SWAP),
            Access.LAMPS_ONLY,
            false,
            false,
            true,
            Set.of(PriorChange.TYRES),
            false,
            List.of(dead, tries));
    assertThat(finding(takeIn, "take-in.works@lamp:DIPPED:LEFT").verdict()).isEqualTo(Verdict.OUT);
    assertThatFinding(finding(takeIn, "take-in.works@lamp:MAIN:LEFT"))
        .says("workflow.afterTries", "lampSentence=Left main beam", "tries=3");
    assertThatFinding(finding(takeIn, "take-in.untried")).says("workflow.manyUntried", "open=6");
    assertThat(finding(takeIn, "take-in.change@change:TYRES").verdict())
        .isEqualTo(Verdict.NOT_KNOWN);
    assertThatThrownBy(
            () ->
                new TakeIn(
                    Set.of(),
                    Access.LAMPS_ONLY,
                    false,
                    false,
                    true,
                    Set.of(),
                    false,
                    List.of(dead, dead)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
