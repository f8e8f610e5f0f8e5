package mellow.core.aim.lamp;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellow.core.aim.AimWords;
import mellow.core.aim.Walls;
import mellow.core.finding.Figure;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Steps as far apart as the lamps mean parallel beams (common practice). */
class ToeTest {
  /** SAE J599 (from memory): 4 in each way at 25 ft is 1.33 % or 0.76°. */
  @Test
  void fourInchesAtTwentyFiveFeetAreThreeQuartersOfADegree() {
    assertThat(Toe.degrees(1200 + 101.6, 1200, 7620)).isCloseTo(0.764, within(5e-4));
    assertThat(Toe.degrees(1200, 1200, 7620)).isZero();
    assertThat(Toe.degrees(1100, 1200, 7620)).isEqualTo(-Toe.degrees(1300, 1200, 7620));
  }

  private static Walls market(String market, BeamClass beam) {
    Walls walls = new Walls();
    walls.market = market;
    walls.beam = beam;
    return walls;
  }

  /**
   * SAE J599 (from memory): 4 in, 101.6 mm, each way at 25 ft. The straight-ahead line is known to
   * 9 mm there: two distances of ±1 mm over lamps 1200 mm apart.
   */
  @ParameterizedTest
  @CsvSource({
    "0, WITHIN, aim.straight, side=LEFT, side=LEFT",
    "90, WITHIN, aim.aside, off=90 mm, left=true",
    "100, AT_EDGE, aim.aside, off=100 mm, left=true",
    "101.6, AT_EDGE, aim.aside, off=102 mm, left=true",
    "115, OUT, aim.aside, off=115 mm, left=true",
    "-115, OUT, aim.aside, off=115 mm, left=false"
  })
  void eachLampIsHeldAgainstItsOwnStraightAhead(
      double leftMm, Verdict verdict, String key, String argument, String other) {
    assertThatFinding(
            market("us-sae-j599", BeamClass.SAE_VOR)
                .step(Side.LEFT, leftMm)
                .finding("wall.aside@lamp:DIPPED:LEFT"))
        .is(verdict)
        .says(key, argument, other);
  }

  /** UN R48 sets no limit aside: that of SAE J599 is told as advice, and nothing is out by it. */
  @Test
  void whereTheTextSetsNoLimitNothingIsOut() {
    assertThatFinding(new Walls().step(Side.LEFT, 115).finding("wall.aside@lamp:DIPPED:LEFT"))
        .is(Verdict.AT_EDGE);
  }

  /**
   * MOT inspection manual 4.1.2 (from memory), traffic on the left: between straight ahead and 2 %
   * to the left, 152 mm at 7.62 m.
   */
  @ParameterizedTest
  @CsvSource({"76, WITHIN", "-40, OUT", "0, AT_EDGE", "152, AT_EDGE", "175, OUT"})
  void stepStandsToTheLeftInGreatBritain(double leftMm, Verdict verdict) {
    assertThatFinding(
            market("gb-inspection", BeamClass.UN_DIPPED)
                .step(Side.LEFT, leftMm)
                .finding("wall.aside@lamp:DIPPED:LEFT"))
        .is(verdict);
  }

  @Test
  void lampThatPointsAsideIsBroughtBackByItsHorizontalScrew() {
    assertThatFinding(
            market("us-sae-j599", BeamClass.SAE_VOR)
                .step(Side.RIGHT, -130)
                .finding("wall.aside@lamp:DIPPED:RIGHT"))
        .advises("aim.turnAside", "move=130 mm", "right=false");
    // to the middle of its room, 1 % to the left: 76 mm, and 40 more
    assertThatFinding(
            market("gb-inspection", BeamClass.UN_DIPPED)
                .step(Side.LEFT, -40)
                .finding("wall.aside@lamp:DIPPED:LEFT"))
        .advises("aim.turnAside", "move=116 mm", "right=false");
  }

  @Test
  void pairIsJudgedOnlyOnceBothStepsWereRead() {
    Walls one = new Walls().step(Side.LEFT, 10);
    assertThat(one.sheet().findings()).noneMatch(finding -> finding.answers("wall.toe"));
    assertThatFinding(one.step(Side.RIGHT, 10).finding("wall.toe@lamp:DIPPED"))
        .is(Verdict.WITHIN)
        .says(AimWords.stepsParallel());
  }

  /** 60 mm each towards the middle over 7620: atan(120 ÷ 7620) = 0.90°. */
  @Test
  void beamsThatCrossAreToeIn() {
    assertThatFinding(
            new Walls().step(Side.LEFT, -60).step(Side.RIGHT, 60).finding("wall.toe@lamp:DIPPED"))
        .is(Verdict.WITHIN)
        .says(
            AimWords.toe(
                Figure.lengthMm(1080),
                Figure.lengthMm(1200),
                Figure.degrees(Math.toDegrees(Math.atan(120 / 7620.0))),
                false));
  }
}
