package mellow.core.aim.lamp;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import mellow.core.aim.Adjuster;
import mellow.core.aim.AimWords;
import mellow.core.aim.Walls;
import mellow.core.finding.Figure;
import mellow.core.finding.Remedy;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** A screw's rate and direction are read, never assumed: lamps differ. Common practice. */
class ScrewBehaviourTest {
  private static Walls rightLamp() {
    Walls walls = new Walls().screw(Side.RIGHT, "v", Adjuster.Axis.VERTICAL);
    walls.label = OptionalDouble.of(-1.2);
    return walls;
  }

  private static ScrewBehaviour screw(Walls walls) {
    return walls.lamp(Side.RIGHT).screws().get(0);
  }

  /** One turn clockwise lowers 36.72 mm; 73.44 mm are left: two turns more, clockwise. */
  @Test
  void twoReadingsAndAKnownTurnGiveRateAndRemedy() {
    Walls walls =
        rightLamp().reads(Side.RIGHT, -18.72).turns(Side.RIGHT, "v", 1).reads(Side.RIGHT, 18);
    assertThat(screw(walls).ratePercent().getAsDouble())
        .isCloseTo(-100 * 36.72 / 7620, within(1e-9));
    assertThat(walls.lamp(Side.RIGHT).correction().orElseThrow().turns()).hasValue(2);
    assertThatFinding(walls.finding("aim.limits@lamp:DIPPED:RIGHT"))
        .advises(
            "aim.turn",
            "clockwise=true",
            "down=true",
            "off=73 mm",
            "remembered=false",
            "turns=2 turns")
        .isSettledBy(Remedy.Action.TURN, Remedy.Page.WALL, "2 turns");
    assertThat(walls.finding("aim.limits@lamp:DIPPED:RIGHT").remedy().orElseThrow().on())
        .contains(screw(walls).adjuster().subject());
  }

  @Test
  void turnsAreRoundedToAnEighth() {
    Walls walls =
        rightLamp().reads(Side.RIGHT, 0).turns(Side.RIGHT, "v", -0.5).reads(Side.RIGHT, 20);
    // 40 mm a turn anticlockwise; 71.44 mm left: 1.786 turns, so 1 3/4
    assertThatFinding(walls.finding("aim.target@lamp:DIPPED:RIGHT"))
        .advises(
            "aim.turn",
            "clockwise=false",
            "down=true",
            "off=71 mm",
            "remembered=false",
            "turns=1 3/4 turns");
  }

  @Test
  void withoutATrialTheRemedyAsksForOne() {
    assertThatFinding(rightLamp().reads(Side.RIGHT, 18).finding("aim.target@lamp:DIPPED:RIGHT"))
        .advises("aim.tryScrew", "down=true", "off=73 mm");
  }

  @Test
  void aRememberedRateServesUntilItIsRead() {
    Walls walls = new Walls();
    walls
        .screw(
            Side.RIGHT, "v", Adjuster.Axis.VERTICAL, Adjuster.Reach.ALWAYS, OptionalDouble.of(0.4))
        .reads(Side.RIGHT, 0);
    assertThatFinding(walls.finding("aim.target@lamp:DIPPED:RIGHT"))
        .advises(
            "aim.turn",
            "clockwise=false",
            "down=true",
            "off=95 mm",
            "remembered=true",
            "turns=3 1/8 turns");
    walls.turns(Side.RIGHT, "v", -1).reads(Side.RIGHT, -30);
    assertThatFinding(walls.finding("screw.wrong-way@screw:DIPPED:RIGHT:v"))
        .says(AimWords.screwOtherWay(Adjuster.Axis.VERTICAL, Side.RIGHT, false));
  }

  @Test
  void aTurnTheWrongWayIsSaid() {
    Walls walls =
        rightLamp().reads(Side.RIGHT, 18).turns(Side.RIGHT, "v", 0.5).reads(Side.RIGHT, -2);
    assertThatFinding(walls.finding("aim.away@lamp:DIPPED:RIGHT"))
        .is(Verdict.AT_EDGE)
        .says(AimWords.away(Side.RIGHT, LampKind.DIPPED, Figure.lengthMm(20)))
        .advises(AimWords.otherWay());
    assertThatFinding(walls.finding("aim.target@lamp:DIPPED:RIGHT"))
        .advises(
            "aim.turn",
            "clockwise=false",
            "down=true",
            "off=93 mm",
            "remembered=false",
            "turns=2 3/8 turns");
    walls.turns(Side.RIGHT, "v", -1).reads(Side.RIGHT, 40);
    assertThat(walls.sheet().findings()).noneMatch(found -> found.id().startsWith("aim.away"));
  }

  @Test
  void aScrewThatDoesNothingIsDead() {
    Walls walls =
        rightLamp().reads(Side.RIGHT, 18).turns(Side.RIGHT, "v", 1.5).reads(Side.RIGHT, 18.5);
    assertThatFinding(walls.finding("screw.dead@screw:DIPPED:RIGHT:v"))
        .is(Verdict.OUT)
        .says(AimWords.screwDead(Adjuster.Axis.VERTICAL, Side.RIGHT, Figure.turns(1.5)))
        .advises(AimWords.screwDeadRemedy());
  }

  @Test
  void aScrewThatMovesTheBeamSidewaysIsTheOtherOne() {
    Walls walls =
        rightLamp()
            .reads(Side.RIGHT, 18)
            .step(Side.RIGHT, 0)
            .turns(Side.RIGHT, "v", 1)
            .reads(Side.RIGHT, 18)
            .step(Side.RIGHT, 45);
    assertThatFinding(walls.finding("screw.axis@screw:DIPPED:RIGHT:v"))
        .says(AimWords.screwMovesOther(Adjuster.Axis.VERTICAL, false));
    assertThat(screw(walls).axis()).hasValue(Adjuster.Axis.HORIZONTAL);
  }

  @Test
  void anUntriedScrewIsKnownByTrying() {
    Walls walls =
        new Walls().screw(Side.RIGHT, "a", Adjuster.Axis.TO_BE_TRIED).reads(Side.RIGHT, 18);
    assertThat(screw(walls).axis()).isEmpty();
    walls.turns(Side.RIGHT, "a", 0.5).reads(Side.RIGHT, 60);
    assertThat(screw(walls).axis()).hasValue(Adjuster.Axis.VERTICAL);
  }

  /** 40 mm a turn; back one turn moves only 25: 3/8 of a turn is play, and is allowed for. */
  @Test
  void playShowsWhenTheDirectionChanges() {
    Walls walls =
        rightLamp()
            .reads(Side.RIGHT, 0)
            .turns(Side.RIGHT, "v", 1)
            .reads(Side.RIGHT, 40)
            .turns(Side.RIGHT, "v", 2)
            .reads(Side.RIGHT, 120)
            .turns(Side.RIGHT, "v", -1)
            .reads(Side.RIGHT, 95);
    assertThat(screw(walls).playTurns()).isCloseTo(0.375, within(1e-9));
    assertThatFinding(walls.finding("screw.play@screw:DIPPED:RIGHT:v"))
        .is(Verdict.AT_EDGE)
        .says("aim.screwPlay", "axis=VERTICAL", "play=3/8 turn", "side=RIGHT");
    // 91.44 asked, 95 read: 3.56 mm up is 0.089 turn anticlockwise, the same direction: no play
    assertThat(screw(walls).turnsFor(100 * 40.0 / 7620)).hasValue(-1);
    // 40 mm down means changing direction: 1 turn and the play
    assertThat(screw(walls).turnsFor(-100 * 40.0 / 7620)).hasValue(1.375);
  }

  @Test
  void turnsThatContradictEachOtherGiveNoRate() {
    Walls walls =
        rightLamp()
            .reads(Side.RIGHT, 0)
            .turns(Side.RIGHT, "v", 1)
            .reads(Side.RIGHT, 40)
            .turns(Side.RIGHT, "v", 1)
            .reads(Side.RIGHT, 0);
    assertThatFinding(walls.finding("screw.contradiction@screw:DIPPED:RIGHT:v"))
        .is(Verdict.AT_EDGE);
    assertThat(screw(walls).ratePercent()).isEmpty();
  }

  @Test
  void twoScrewsTurnedAtOnceTeachNothing() {
    Walls walls =
        rightLamp()
            .screw(Side.RIGHT, "h", Adjuster.Axis.HORIZONTAL)
            .reads(Side.RIGHT, 0)
            .turns(Side.RIGHT, "v", 1)
            .turns(Side.RIGHT, "h", 1)
            .reads(Side.RIGHT, 40);
    assertThat(screw(walls).ratePercent()).isEmpty();
  }

  @Test
  void aScrewOutOfReachBehindAClosedFrontHoldsUpTheJob() {
    Walls walls = new Walls();
    walls
        .screw(
            Side.RIGHT,
            "v",
            Adjuster.Axis.VERTICAL,
            Adjuster.Reach.FRONT_OPEN_ONLY,
            OptionalDouble.empty())
        .reads(Side.RIGHT, 18);
    assertThatFinding(walls.finding("screw.reach@screw:DIPPED:RIGHT:v"))
        .is(Verdict.AT_EDGE)
        .advises(AimWords.aimFirst());
    walls.frontClosed = true;
    assertThatFinding(walls.finding("screw.reach@screw:DIPPED:RIGHT:v"))
        .is(Verdict.OUT)
        .advises(AimWords.openFront());
  }
}
