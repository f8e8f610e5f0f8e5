package mellow.core.stance;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import mellow.core.logbook.Logbook;
import mellow.core.logbook.Reading;
import mellow.core.logbook.ReadingKind;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

class LampRecordTest {
  private static final Reading LEFT = height(Side.LEFT, 702);
  private static final Reading RIGHT = height(Side.RIGHT, 698);
  private static final Reading SPACING =
      new Reading(
          ReadingKind.SPACING, 1240, 1, LampKind.DIPPED, Optional.empty(), Optional.empty());

  private static Reading height(Side side, double mm) {
    return new Reading(
        ReadingKind.CENTRE, mm, 1, LampKind.DIPPED, Optional.of(side), Optional.empty());
  }

  private static Optional<Finding> missing(Reading... readings) {
    return new Logbook(List.of(readings)).lampRecord().missing();
  }

  @Test
  void namesWhatIsStillToBeMeasured() {
    Finding finding = missing(LEFT).orElseThrow();
    assertThat(finding.verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThatFinding(finding)
        .says(
            StanceWords.notMeasured(
                List.of(StanceWords.heightOf(Side.RIGHT), StanceWords.spacing())));
    assertThatFinding(missing().orElseThrow())
        .says(
            StanceWords.notMeasured(
                List.of(
                    StanceWords.heightOf(Side.LEFT),
                    StanceWords.heightOf(Side.RIGHT),
                    StanceWords.spacing())));
  }

  @Test
  void isSilentOnceAllIsMeasured() {
    assertThat(missing(LEFT, RIGHT, SPACING)).isEmpty();
  }
}
