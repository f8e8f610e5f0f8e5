package mellow.core.aim.lamp;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.aim.AimWords;
import mellow.core.aim.PairInput;
import mellow.core.aim.Road;
import mellow.core.aim.School;
import mellow.core.aim.Walls;
import mellow.core.aim.wall.SchoolRow;
import mellow.core.aim.wall.SchoolTable;
import mellow.core.finding.Figure;
import mellow.core.finding.Verdict;
import mellow.core.measure.UnitSystem;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;

/** Schools of aiming: common practice, unless a line names a document. */
class SchoolsTest {
  private static final double IN = 25.4;
  private static final double FT = 304.8;

  @Test
  void onePercentAt25FtIs76Point2Mm() {
    Walls walls = new Walls();
    walls.label = OptionalDouble.of(-1.0);
    assertThat(668 - walls.markMm(Side.LEFT)).isCloseTo(76.2, within(1e-9));
  }

  @Test
  void a750MmLampAtOnePercentReaches75Metres() {
    assertThat(Road.reachMm(750, -1.0)).hasValue(75_000);
    assertThat(Road.reachMm(750, 0)).isEmpty();
  }

  /** 4 in and 2 in at 25 ft from 28 in meet a level road at 53 and 107 m. */
  @Test
  void splitDropFrom28InchesReaches53And107Metres() {
    assertThat(Road.reachMm(28 * IN, -400.0 / 300).getAsDouble()).isCloseTo(53_340, within(1.0));
    assertThat(Road.reachMm(28 * IN, -200.0 / 300).getAsDouble()).isCloseTo(106_680, within(1.0));
  }

  @Test
  void aLampAt23InchesIsTapedAt21AndAt22FromHalfTheDistance() {
    Walls walls = new Walls().centre(23 * IN).school(School.EQUAL_DROP);
    assertThat(walls.markMm(Side.LEFT)).isCloseTo(21 * IN, within(1e-9));
    assertThat(walls.distance(12.5 * FT, 12.5 * FT).markMm(Side.RIGHT))
        .isCloseTo(22 * IN, within(1e-9));
  }

  @Test
  void splitDropFollowsTheTrafficSideNotTheSeat() {
    Walls walls = new Walls().centre(28 * IN).school(School.SPLIT_DROP);
    assertThat(walls.markMm(Side.LEFT)).isCloseTo(24 * IN, within(1e-9));
    assertThat(walls.markMm(Side.RIGHT)).isCloseTo(26 * IN, within(1e-9));
    walls.traffic = TrafficSide.LEFT;
    assertThat(walls.markMm(Side.LEFT)).isCloseTo(26 * IN, within(1e-9));
    assertThat(walls.markMm(Side.RIGHT)).isCloseTo(24 * IN, within(1e-9));
  }

  /** SAE J599, from memory: VOR from 36 to 48 in is aimed 2 in down, so 41 in. */
  @Test
  void aLampAt43InchesAimedLevelIsTapedAt43AndWarned() {
    Walls walls = new Walls().centre(43 * IN).school(School.LEVEL);
    walls.market = "us-sae-j599";
    walls.beam = BeamClass.SAE_VOR;
    assertThat(walls.markMm(Side.LEFT)).isCloseTo(43 * IN, within(1e-9));
    assertThatFinding(walls.finding("school.level@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.levelTooHighHere(Side.LEFT));
    assertThat(walls.school(School.RULE).markMm(Side.LEFT)).isCloseTo(41 * IN, within(1e-9));
  }

  /** 36 and 36 1/8 in: SAE J599 has its step at 36 in, and a tape read to 1/16 in cannot tell. */
  @Test
  void aPairAstrideAStepOfTheRuleIsAimedAlike() {
    Walls walls = new Walls();
    walls.market = "us-sae-j599";
    walls.beam = BeamClass.SAE_VOR;
    walls.readTo = UnitSystem.IMPERIAL.tapeStepMm();
    walls.centre = new BySide<>(OptionalDouble.of(36 * IN), OptionalDouble.of(36.125 * IN));
    assertThat(36.125 * IN - walls.markMm(Side.RIGHT))
        .as("both 2 in down at 25 ft, as the higher one asks")
        .isCloseTo(2 * IN, within(1e-9));
    assertThat(36 * IN - walls.markMm(Side.LEFT)).isCloseTo(2 * IN, within(1e-9));
    assertThatFinding(walls.finding("wall.step@lamp:DIPPED"))
        .is(Verdict.AT_EDGE)
        .says(AimWords.astride(Figure.fineMm(0.125 * IN)));

    walls.centre = new BySide<>(OptionalDouble.of(36 * IN), OptionalDouble.of(37 * IN));
    assertThat(walls.markMm(Side.LEFT)).as("an inch is told").isCloseTo(36 * IN, within(1e-9));
    assertThat(walls.sheet().findings()).noneMatch(finding -> finding.answers("wall.step"));
  }

  /** Level at 43 in is too high by the rule: nobody is told to raise a lamp to it. */
  @Test
  void aSchoolThatIsTooHighDoesNotAskToRaiseTheLamp() {
    Walls walls = new Walls().centre(43 * IN).school(School.LEVEL).reads(Side.LEFT, 60);
    walls.market = "us-sae-j599";
    walls.beam = BeamClass.SAE_VOR;
    assertThatFinding(walls.finding("aim.target@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.offTape(Side.LEFT, LampKind.DIPPED, Figure.lengthMm(60), false))
        .advises(AimWords.doNotRaise());
  }

  /** A mark of 0.5 % down stands on the limit of UN R48 itself: no lamp is out by 0.00 %. */
  @Test
  void nothingIsOutByLessThanIsShown() {
    Walls walls = new Walls().school(School.RULE);
    walls.label = OptionalDouble.of(-0.4999);
    SchoolRow.Opinion opinion =
        SchoolTable.of(walls.input()).get(0).rows().stream()
            .filter(row -> row.school() == School.RULE)
            .findFirst()
            .orElseThrow()
            .lamps()
            .left()
            .opinions()
            .get(0);
    assertThatFinding(opinion.finding()).is(Verdict.AT_EDGE);
  }

  /** Level at 43 in: 0.667 % above the table, inside inspection's 4 in, out by every UN limit. */
  @Test
  void theOpinionsOnLevelAt43InchesDiffer() {
    Walls walls = new Walls().centre(43 * IN).school(School.LEVEL);
    walls.market = "us-sae-j599";
    walls.beam = BeamClass.SAE_VOR;
    SchoolRow.Lamp level =
        SchoolTable.of(walls.input()).get(0).rows().stream()
            .filter(row -> row.school() == School.LEVEL)
            .findFirst()
            .orElseThrow()
            .lamps()
            .left();
    assertThatFinding(level.opinions().get(0).finding())
        .is(Verdict.WITHIN)
        .hasMargin(200.0 / 300, 1e-9);
    walls.market = "un-r48";
    walls.beam = BeamClass.UN_DIPPED;
    assertThatFinding(walls.reads(Side.LEFT, 0).finding("aim.limits@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT);
  }

  @Test
  void levelIsRightForAVorLampUpTo36Inches() {
    Walls walls = new Walls().centre(30 * IN).school(School.LEVEL);
    walls.market = "us-sae-j599";
    walls.beam = BeamClass.SAE_VOR;
    assertThat(walls.lamp(Side.LEFT).target().orElseThrow().warning()).isEmpty();
    walls.beam = BeamClass.SAE_VOL;
    assertThat(walls.lamp(Side.LEFT).target().orElseThrow().warning()).isPresent();
  }

  /** While nobody has read the lens, neither the rule nor the level school calls a lamp right. */
  @Test
  void lowBeamWhoseLensIsUnreadIsNotKnownYet() {
    Walls walls = new Walls().school(School.LEVEL).reads(Side.LEFT, 76.2);
    walls.beam = BeamClass.DIPPED_UNREAD;
    assertThatFinding(walls.finding("aim.limits@lamp:DIPPED:LEFT"))
        .is(Verdict.NOT_KNOWN)
        .says(AimWords.lensUnread(Side.LEFT));
    assertThatFinding(walls.finding("school.level@lamp:DIPPED:LEFT")).is(Verdict.NOT_KNOWN);
    walls.market = "us-sae-j599";
    assertThatFinding(walls.finding("aim.limits@lamp:DIPPED:LEFT"))
        .is(Verdict.NOT_KNOWN)
        .says(AimWords.lensUnread(Side.LEFT));
  }

  /** 3 ft is 8 in above a lamp at 28 in: 100 × 8/300 = 2.67 % upwards. */
  @Test
  void theBandAboveTheFloorIsRefusedForALampBelowIt() {
    Walls walls = new Walls().centre(28 * IN).school(School.ABSOLUTE_BAND);
    assertThat(walls.lamp(Side.LEFT).target()).isEmpty();
    assertThatFinding(walls.finding("school.band@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.bandRefused(Side.LEFT, Figure.percent(800.0 / 300)));
  }

  /**
   * A lamp at 33 in: the band from 30 to 36 in reaches 1 % above level; below it lies 0 to −1 %.
   */
  @Test
  void theBandIsWarnedOfWhereItsTopIsAboveLevel() {
    Walls walls = new Walls().centre(33 * IN).school(School.ABSOLUTE_BAND);
    assertThat(walls.lamp(Side.LEFT).target().orElseThrow().percent())
        .isCloseTo(-0.5, within(1e-9));
    assertThatFinding(walls.finding("school.band@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.bandAboveLevel(Figure.percent(1), Side.LEFT));
    assertThat(walls.centre(40 * IN).lamp(Side.LEFT).target().orElseThrow().warning()).isEmpty();
  }

  @Test
  void matchBeforeNeedsNoFullDistanceAndIsRefusedAfterAStanceChange() {
    Walls walls = new Walls().school(School.MATCH_BEFORE);
    walls.before = BySide.of(side -> Optional.of(new PairInput.BeforeMark(30, 3000)));
    assertThat(668 - walls.markMm(Side.LEFT)).isCloseTo(76.2, within(1e-9));
    walls.stanceChanged = true;
    assertThatFinding(walls.finding("school.before@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.beforeIsWrong());
    assertThat(walls.lamp(Side.LEFT).target()).isEmpty();
  }

  /** An inch more of distance scales every inch rule; the percent stays. */
  @Test
  void dropsScaleWithTheDistance() {
    for (School school : new School[] {School.EQUAL_DROP, School.SPLIT_DROP, School.RULE}) {
      Walls near = new Walls().school(school).distance(2000, 2000);
      Walls far = new Walls().school(school).distance(6000, 6000);
      assertThat(668 - far.markMm(Side.LEFT))
          .isCloseTo(3 * (668 - near.markMm(Side.LEFT)), within(1e-9));
    }
  }
}
