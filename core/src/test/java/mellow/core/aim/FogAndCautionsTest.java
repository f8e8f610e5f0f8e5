package mellow.core.aim;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import mellow.core.aim.wall.SchoolTable;
import mellow.core.aim.wall.WallCautions;
import mellow.core.finding.Caution;
import mellow.core.finding.Figure;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.measure.Measured;
import mellow.core.rules.HeightCondition.HeightOf;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** Fog lamps go by the market's rule; published rules are from memory. */
class FogAndCautionsTest {
  private static Walls fog(String market, BeamClass beam, double centre) {
    Walls walls = new Walls().centre(centre);
    walls.market = market;
    walls.beam = beam;
    walls.school = School.SPLIT_DROP; // a school of low beams: fog lamps do not heed it
    return walls;
  }

  /** 100 mm at 15 m is 0.38°: arctan(100 ÷ 15 000). */
  @Test
  void aFogLampWithoutAScrewIsTiltedAtItsBracket() {
    Walls walls = new Walls().distance(15_000, 15_000);
    walls.beam = BeamClass.FOG_B;
    double mark = 668 - walls.markMm(Side.LEFT);
    walls.reads(Side.LEFT, mark - 100);
    assertThatFinding(walls.finding("aim.target@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.OUT)
        .advises("aim.tilt", "down=true", "off=100 mm", "tilt=0.38°");
  }

  /** Common practice: the bright spot straight ahead, as high as the lamp; SAE J599: ±4 in. */
  @Test
  void aDrivingLampIsAimedLevelByItsBrightSpot() {
    Walls walls = fog("un-r48", BeamClass.DRIVING, 900);
    assertThat(walls.markMm(Side.LEFT)).isCloseTo(900, within(1e-9));
    assertThatFinding(walls.finding("aim.cutoff@lamp:DRIVING:LEFT"))
        .advises(AimWords.read(Side.LEFT, LampKind.DRIVING));
    walls.reads(Side.LEFT, 60);
    assertThatFinding(walls.finding("aim.target@lamp:DRIVING:LEFT"))
        .is(Verdict.OUT)
        .advises("aim.tilt", "down=false", "off=60 mm", "tilt=0.45°");
    assertThat(walls.sheet().findings())
        .noneMatch(one -> one.id().startsWith("aim.limits@lamp:DRIVING"));
    walls.market = "us-sae-j599";
    assertThatFinding(walls.finding("aim.limits@lamp:DRIVING:LEFT")).is(Verdict.WITHIN);
  }

  /** UN R48, 6.2.6.2: 0.5 % of 7620 is 38 mm: 20 mm below the line is too high, laden or not. */
  @Test
  void aLoadedVehicleIsHeldAgainstTheSameLimits() {
    Walls walls = new Walls().reads(Side.LEFT, 95);
    walls.events.add(new AimEvent.LadenRead(Side.LEFT, Measured.toMm(20)));
    assertThatFinding(walls.finding("aim.laden@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.limitsOut(Side.LEFT, LampKind.DIPPED, true, Figure.lengthMm(18.1), true))
        .advises(AimWords.setLevelling());
    walls.events.add(new AimEvent.LadenRead(Side.LEFT, Measured.toMm(90)));
    assertThatFinding(walls.finding("aim.laden@lamp:DIPPED:LEFT")).is(Verdict.WITHIN);
    walls.turns(Side.LEFT, "v", 0.5);
    assertThatFinding(walls.finding("aim.laden@lamp:DIPPED:LEFT")).is(Verdict.NOT_KNOWN);
  }

  @Test
  void anSaeFogIsTapedFourInchesDownAt25Ft() {
    Walls walls = fog("us-sae-j599", BeamClass.FOG_SAE, 500);
    assertThat(500 - walls.markMm(Side.LEFT)).isCloseTo(4 * 25.4, within(1e-9));
  }

  /** California Vehicle Code 24403: not higher than 4 in down at 25 ft. */
  @Test
  void californiaAllowsNothingHigherThanFourInchesDown() {
    Walls walls = fog("us-ca-24403", BeamClass.FOG_SAE, 500);
    assertThatFinding(walls.reads(Side.LEFT, 95).finding("aim.limits@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.OUT)
        .says(AimWords.limitsOut(Side.LEFT, LampKind.FRONT_FOG, false, Figure.lengthMm(6.6), true));
    assertThatFinding(walls.reads(Side.LEFT, 120).finding("aim.limits@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.WITHIN);
  }

  /** UN R48: class B 1.5 % down or lower, first set to 1.75 %; 1.5 % of 7620 is 114.3 mm. */
  @Test
  void classBHasNoLowestLimit() {
    Walls walls = fog("un-r48", BeamClass.FOG_B, 400);
    assertThatFinding(walls.reads(Side.LEFT, 112).finding("aim.limits@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.OUT);
    assertThatFinding(walls.reads(Side.LEFT, 380).finding("aim.limits@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.WITHIN);
    assertThatFinding(walls.finding("aim.target@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.WITHIN)
        .says(
            AimWords.offTape(
                Side.LEFT, LampKind.FRONT_FOG, Figure.lengthMm(380 - 0.0175 * 7620), false));
    assertThat(SchoolTable.of(walls.input()).get(0).rows()).hasSize(1);
  }

  @Test
  void aRuleThatNeedsAHeightAsksForIt() {
    Walls walls = fog("un-r48", BeamClass.FOG_F3, 400);
    walls.edge = BySide.of(side -> OptionalDouble.empty());
    assertThatFinding(walls.finding("school.rule@lamp:FRONT_FOG:LEFT"))
        .is(Verdict.NOT_KNOWN)
        .advises(AimWords.measureHeight(HeightOf.LOWER_EDGE, Side.LEFT));
  }

  @Test
  void aMarketWithoutARuleIsSilentAndSaysSo() {
    Walls walls = new Walls().reads(Side.LEFT, 95);
    walls.market = "us-ca-24403";
    assertThatFinding(walls.finding("school.rule@lamp:DIPPED:LEFT"))
        .is(Verdict.NOT_KNOWN)
        .says(AimWords.noRule(walls.input().market().title(), false));
  }

  @Test
  void whatCanHurtIsSaidWithItsSource() {
    assertThat(WallCautions.all())
        .allSatisfy(caution -> assertThat(Said.text(caution.source().reference())).isNotBlank())
        .extracting(Caution::id)
        .contains("stand-aside", "high-voltage", "dazzle", "law");
  }
}
