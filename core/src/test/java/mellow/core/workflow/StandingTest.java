package mellow.core.workflow;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Horizon;
import mellow.core.finding.Said;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import org.junit.jupiter.api.Test;

/** Where a job stands follows the design's strip: stages in order of work, findings as marks. */
class StandingTest {
  private static final List<Stage> RUNNING_LAMPS =
      List.of(Stage.TAKE_IN, Stage.CAME, Stage.PARTS, Stage.PLACE, Stage.FEED, Stage.HAND_OVER);

  private static StageStanding begun(Stage stage, Verdict... verdicts) {
    return standing(stage, true, verdicts);
  }

  private static StageStanding standing(Stage stage, boolean begun, Verdict... verdicts) {
    List<Finding> findings = new ArrayList<>();
    for (Verdict verdict : verdicts) {
      findings.add(
          Finding.plain(
              FindingKey.of(stage + "." + findings.size()),
              verdict,
              Source.judged(Sentence.of("for this test")),
              Sentence.of(stage + " " + verdict)));
    }
    return StageStanding.of(stage, begun, findings);
  }

  private static String says(Standing standing) {
    return Said.keyed(standing.headline());
  }

  @Test
  void aRunningLampJobIsNotAskedForAWall() {
    Standing standing =
        Standing.of(
            RUNNING_LAMPS,
            List.of(
                begun(Stage.TAKE_IN, Verdict.WITHIN),
                begun(Stage.PLACE, Verdict.WITHIN, Verdict.OUT),
                standing(Stage.WALL, false, Verdict.NOT_KNOWN)));
    assertThat(standing.stage()).isEqualTo(Stage.PLACE);
    assertThat(standing.verdict()).isEqualTo(Verdict.OUT);
    assertThat(says(standing)).isEqualTo("PLACE OUT");
    assertThat(standing.stages()).isEqualTo(RUNNING_LAMPS);
    assertThat(standing.horizon().marks()).extracting(Horizon.Mark::part).containsExactly(0, 3, 3);
  }

  @Test
  void whatIsSettledLeadsOnToTheNextStage() {
    Standing standing = Standing.of(RUNNING_LAMPS, List.of(begun(Stage.PLACE, Verdict.AT_EDGE)));
    assertThat(standing.stage()).isEqualTo(Stage.FEED);
    assertThat(standing.verdict()).isEqualTo(Verdict.WITHIN);
    assertThat(says(standing)).isEqualTo("workflow.next stage=FEED");
  }

  private static Standing aiming(StageStanding... known) {
    return Standing.of(List.of(Stage.TAKE_IN, Stage.WALL, Stage.HAND_OVER), List.of(known));
  }

  @Test
  void theWorkStandsAtTheLastStageThatWasBegun() {
    Standing atWall =
        aiming(begun(Stage.TAKE_IN, Verdict.OUT), begun(Stage.WALL, Verdict.NOT_KNOWN));
    assertThat(atWall.stage()).isEqualTo(Stage.WALL);
  }

  /** A job is handed over when nothing stands above the horizon. */
  @Test
  void whatStandsAboveTheHorizonHoldsTheHandOver() {
    StageStanding done = begun(Stage.WALL, Verdict.WITHIN);
    assertThat(aiming(begun(Stage.TAKE_IN, Verdict.OUT), done).stage()).isEqualTo(Stage.TAKE_IN);
    Standing untried = aiming(begun(Stage.TAKE_IN, Verdict.NOT_KNOWN), done);
    assertThat(untried.stage()).isEqualTo(Stage.HAND_OVER);
    assertThat(says(untried)).isEqualTo("workflow.nothingOut");
  }

  /** The wall is done, and the front was never opened as planned: that is not called done. */
  @Test
  void whatWasPlannedAndNeverBegunIsNamed() {
    Standing standing =
        Standing.of(
            List.of(Stage.TAKE_IN, Stage.APART, Stage.PROVE, Stage.WALL, Stage.HAND_OVER),
            List.of(begun(Stage.TAKE_IN, Verdict.WITHIN), begun(Stage.WALL, Verdict.WITHIN)));
    assertThat(standing.stage()).isEqualTo(Stage.HAND_OVER);
    assertThat(standing.verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(says(standing)).isEqualTo("workflow.notBegun stagesList=Apart, Prove");
  }

  /** What it was signed with stays in sight above the line. */
  @Test
  void aJobThatWasHandedOverWithSomethingAboveTheHorizonStandsThere() {
    Standing signed =
        aiming(begun(Stage.WALL, Verdict.OUT), begun(Stage.HAND_OVER, Verdict.WITHIN));
    assertThat(signed.stage()).isEqualTo(Stage.HAND_OVER);
    assertThat(says(signed)).isEqualTo("workflow.handedOver");
    assertThat(signed.horizon().marks())
        .extracting(Horizon.Mark::verdict)
        .containsExactly(Verdict.OUT, Verdict.WITHIN);
  }

  @Test
  void whatWasDoneBesidesThePlanStandsInItsPlace() {
    Standing standing =
        Standing.of(
            List.of(Stage.TAKE_IN, Stage.WALL, Stage.HAND_OVER),
            List.of(begun(Stage.PLACE, Verdict.WITHIN), standing(Stage.PARTS, false)));
    assertThat(standing.stages())
        .containsExactly(Stage.TAKE_IN, Stage.PLACE, Stage.WALL, Stage.HAND_OVER);
  }

  @Test
  void whatIsOutIsSaidBeforeWhatIsNotKnown() {
    assertThat(begun(Stage.PARTS, Verdict.WITHIN, Verdict.NOT_KNOWN, Verdict.OUT).next())
        .hasValueSatisfying(open -> assertThat(open.verdict()).isEqualTo(Verdict.OUT));
    assertThat(begun(Stage.PARTS, Verdict.WITHIN, Verdict.AT_EDGE).next()).isEmpty();
  }
}
