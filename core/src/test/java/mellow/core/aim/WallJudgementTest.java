package mellow.core.aim;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import mellow.core.aim.lamp.LampSheet;
import mellow.core.aim.lamp.PairSheet;
import mellow.core.aim.lamp.Roll;
import mellow.core.aim.lamp.Toe;
import mellow.core.aim.wall.NextStep;
import mellow.core.aim.wall.TapeMark;
import mellow.core.finding.Finding;
import mellow.core.finding.Said;
import mellow.core.finding.Verdict;
import mellow.core.measure.Measured;
import mellow.core.measure.UnitSystem;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WallJudgementTest {
  /** UN R48 (from memory): highest 0.5 % down, which is 38.1 mm at 7620. */
  @ParameterizedTest
  @CsvSource({
    "37.0, AT_EDGE",
    "38.1, AT_EDGE",
    "30.0, OUT",
    "48.0, WITHIN",
    "190.5, AT_EDGE",
    "200, OUT"
  })
  void theVerdictTurnsAtTheLimitWithinTheTapesUncertainty(double below, Verdict verdict) {
    assertThatFinding(new Walls().reads(Side.LEFT, below).finding("aim.limits@lamp:DIPPED:LEFT"))
        .is(verdict);
  }

  /** Two tape readings of ±1 mm at 7620: √2 ÷ 7620 = 0.0186 %. */
  @Test
  void theUncertaintyIsThatOfTwoTapeReadings() {
    assertThat(
            new Walls()
                .reads(Side.LEFT, 90)
                .lamp(Side.LEFT)
                .reading()
                .orElseThrow()
                .uncertaintyPercent())
        .isCloseTo(0.01856, within(1e-5));
  }

  @Test
  void aReadingAboveTheTapeIsToldByHowMuch() {
    Walls walls = new Walls().reads(Side.RIGHT, 18);
    walls.label = OptionalDouble.of(-1.2);
    // aim 91.4 below, read 18: 73.4 above the tape; the rule's limit is 38.1, so 20.1 too high
    assertThatFinding(walls.finding("aim.limits@lamp:DIPPED:RIGHT"))
        .is(Verdict.OUT)
        .says("aim.limitsOut", "high=true", "laden=false", "lamp=DIPPED", "off=20 mm", "side=RIGHT")
        // UN R48, 6.2.6.1 (from memory), for lamps below 800 mm
        .isHeldBetween("−2.50 %", "−0.50 %");
    assertThatFinding(walls.finding("aim.target@lamp:DIPPED:RIGHT"))
        .is(Verdict.OUT)
        .says("aim.offTape", "above=true", "lamp=DIPPED", "off=73 mm", "side=RIGHT");
    assertThat(walls.lamp(Side.RIGHT).correction().orElseThrow().upMm())
        .isCloseTo(-73.44, within(1e-9));
  }

  @Test
  void aHeightAboveTheFootIsTheSameReading() {
    Walls below = new Walls().reads(Side.LEFT, 90);
    Walls above = new Walls();
    above.events.add(
        new AimEvent.CutoffRead(Side.LEFT, Measured.toMm(578), AimEvent.Datum.ABOVE_FOOT));
    assertThat(above.lamp(Side.LEFT).reading().orElseThrow().percent())
        .isCloseTo(below.lamp(Side.LEFT).reading().orElseThrow().percent(), within(1e-12));
  }

  /** Lamps 1200 apart, 7600 and 7640 from the wall: 1.909° and 7620 × tan = 254 mm. */
  @Test
  void anUnsquareVehicleMovesStraightAhead() {
    Walls walls = new Walls().distance(7600, 7640);
    PairSheet pair = walls.sheet().pairs().get(0);
    assertThat(pair.skewDeg().getAsDouble()).isCloseTo(1.909, within(5e-4));
    assertThat(
            (pair.lamps().left().place().orElseThrow().ahead().asideMm()
                    + pair.lamps().right().place().orElseThrow().ahead().asideMm())
                / 2)
        .isCloseTo(-254.0, within(0.05));
    assertThatFinding(walls.finding("wall.square@lamp:DIPPED"))
        .is(Verdict.WITHIN)
        .says("aim.skewed", "aside=254 mm", "right=true", "skew=1.91°");
  }

  /** Steps 1216 apart for lamps 1200 apart at 7620: 0.120° toe-out in all. */
  @Test
  void stepsWiderThanTheLampsAreToeOut() {
    assertThat(Toe.degrees(1216, 1200, 7620)).isCloseTo(0.120, within(5e-4));
    Walls walls = new Walls().step(Side.LEFT, 8).step(Side.RIGHT, -8);
    assertThatFinding(walls.finding("wall.toe@lamp:DIPPED"))
        .is(Verdict.WITHIN)
        .says("aim.toe", "lamps=1 200 mm", "out=true", "steps=1 216 mm", "toe=0.12°");
    assertThatFinding(walls.finding("wall.aside@lamp:DIPPED:LEFT"))
        .says("aim.aside", "left=true", "off=8 mm", "side=LEFT");
  }

  /** 12 mm over 600 mm is 1.146° of roll. */
  @Test
  void rollOfACutoff() {
    assertThat(Roll.degrees(12, 600)).isCloseTo(1.146, within(5e-4));
    Walls walls = new Walls();
    walls.events.add(new AimEvent.RollRead(Side.LEFT, Measured.toMm(12), 600));
    assertThatFinding(walls.finding("aim.roll@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says("aim.rollLeans", "rightLow=true", "roll=1.15°", "side=LEFT")
        .advises("aim.rollNut", "anticlockwise=true", "roll=1.15°");
  }

  /** One lamp read to ±4 mm is judged by that; the other one is not. */
  @Test
  void thePlusMinusIsThatOfTheReading() {
    Walls walls = new Walls().reads(Side.LEFT, 90);
    walls.events.add(
        new AimEvent.CutoffRead(Side.RIGHT, new Measured(90, 4), AimEvent.Datum.BELOW_LINE));
    // √(1² + 1²) and √(1² + 4²) mm at 7620 mm
    assertThat(walls.lamp(Side.LEFT).reading().orElseThrow().uncertaintyPercent())
        .isCloseTo(0.01856, within(1e-5));
    assertThat(walls.lamp(Side.RIGHT).reading().orElseThrow().uncertaintyPercent())
        .isCloseTo(0.05411, within(1e-5));
  }

  @Test
  void tooShortADistanceIsSaidWithTheLeastThatWouldDo() {
    // ±1/16 in twice is 2.245 mm; a third of half an inch at 25 ft is 0.0556 %: 4041 mm
    Walls walls = new Walls().school(School.EQUAL_DROP).distance(3000, 3000);
    walls.readTo = UnitSystem.IMPERIAL.tapeStepMm();
    assertThatFinding(walls.finding("aim.distance@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .says("aim.tooClose", "lamp=DIPPED", "least=4 041 mm", "side=LEFT");
    assertThatFinding(walls.distance(7620, 7620).finding("aim.distance@lamp:DIPPED:LEFT"))
        .is(Verdict.WITHIN);
  }

  @Test
  void lampHeightsThatDifferTooMuchAreMeasuredAgain() {
    Walls walls = new Walls();
    walls.centre = new BySide<>(OptionalDouble.of(668), OptionalDouble.of(708));
    assertThatFinding(walls.finding("wall.pair-height@lamp:DIPPED"))
        .is(Verdict.OUT)
        .hasMargin(-15, 1e-9)
        .advises(AimWords.checkSprings());
  }

  @Test
  void whatIsMissingIsAskedForInOrderOfWork() {
    Walls walls = new Walls();
    walls.distance = BySide.of(side -> OptionalDouble.empty());
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.MEASURE_DISTANCE);
    walls.distance(7620, 7620).centre =
        new BySide<>(OptionalDouble.of(668), OptionalDouble.empty());
    assertThat(walls.sheet().next().side()).hasValue(Side.RIGHT);
    walls.centre(668);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.READ_CUTOFF);
    walls.reads(Side.LEFT, 95);
    assertThat(walls.sheet().next().side()).hasValue(Side.RIGHT);
    walls.reads(Side.RIGHT, 18);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.TURN_AND_READ);
    walls.screw(Side.RIGHT, "v", Adjuster.Axis.VERTICAL).turns(Side.RIGHT, "v", 1);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.READ_CUTOFF);
    walls.reads(Side.RIGHT, 95);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.DONE);
  }

  @Test
  void transferredAxesNeedNoFloor() {
    Walls walls = new Walls();
    walls.marks =
        new MarkStyle(
            MarkStyle.Edge.LOWER,
            25,
            MarkStyle.Origin.TRANSFERRED,
            BySide.of(side -> Optional.of(Measured.toMm(655))));
    assertThat(walls.lamp(Side.LEFT).place().orElseThrow().lineMm()).isEqualTo(655);
    TapeMark line =
        TapeMark.of(walls.sheet().pairs().get(0), walls.marks).stream()
            .filter(mark -> mark.role() == TapeMark.Role.LAMP_LINE)
            .findFirst()
            .orElseThrow();
    assertThat(line.upperEdgeMm()).hasValue(680);
  }

  /** Equal readings on both sides are no target: both may be equally wrong. */
  @Test
  void evenOnBothSidesIsNotRight() {
    Walls walls = new Walls().reads(Side.LEFT, 10).reads(Side.RIGHT, 10);
    assertThat(walls.sheet().worst()).isEqualTo(Verdict.OUT);
  }

  /** Whatever was read, doing what the remedy says puts the lamp within. */
  @Test
  void aRemedyAppliedPutsTheLampWithin() {
    Random random = new Random(7);
    for (int i = 0; i < 300; i++) {
      double distance = random.nextDouble(3000, 10_000);
      Walls walls =
          new Walls()
              .centre(random.nextDouble(500, 1200))
              .distance(distance, distance)
              .school(random.nextBoolean() ? School.RULE : School.SPLIT_DROP)
              .reads(Side.LEFT, random.nextDouble(-200, 400));
      assertThat(walls.sheet().findings())
          .extracting(Finding::key)
          .containsAll(walls.sheet().next().behind().stream().toList());
      double up = walls.lamp(Side.LEFT).correction().orElseThrow().upMm();
      double read = ((AimEvent.CutoffRead) walls.events.get(0)).read().mm();
      walls.reads(Side.LEFT, read - up);
      assertThatFinding(walls.finding("aim.target@lamp:DIPPED:LEFT")).is(Verdict.WITHIN);
    }
  }

  /** A lamp on its mark is not turned, be the mark beyond the rule or not. */
  @Test
  void whatIsOnItsMarkIsNotTurned() {
    Walls level = new Walls().centre(1062).school(School.LEVEL).reads(Side.LEFT, 0);
    assertThat(level.lamp(Side.LEFT).correction().orElseThrow().says())
        .isEqualTo(AimWords.onMark());
    assertThatFinding(level.finding("aim.limits@lamp:DIPPED:LEFT"))
        .is(Verdict.OUT)
        .advises(AimWords.beyondRule());
  }

  /** Swapping the sides, the traffic and every reading swaps the verdicts. */
  @Test
  void leftAndRightAreMirrorImages() {
    Random random = new Random(11);
    for (int i = 0; i < 100; i++) {
      double near = random.nextDouble(5000, 7600);
      double far = near + random.nextDouble(0, 30);
      double left = random.nextDouble(0, 150);
      double right = random.nextDouble(0, 150);
      Walls one =
          new Walls()
              .school(School.SPLIT_DROP)
              .distance(near, far)
              .reads(Side.LEFT, left)
              .reads(Side.RIGHT, right)
              .step(Side.LEFT, 5);
      Walls other =
          new Walls()
              .school(School.SPLIT_DROP)
              .distance(far, near)
              .reads(Side.RIGHT, left)
              .reads(Side.LEFT, right)
              .step(Side.RIGHT, -5);
      other.traffic = TrafficSide.LEFT;
      for (Side side : Side.values()) {
        LampSheet a = one.lamp(side);
        LampSheet b = other.lamp(side.other());
        assertThat(a.correction().orElseThrow().upMm())
            .isCloseTo(b.correction().orElseThrow().upMm(), within(1e-9));
        assertThat(a.place().orElseThrow().ahead().xMm())
            .isCloseTo(-b.place().orElseThrow().ahead().xMm(), within(1e-9));
        assertThat(a.findings().stream().map(Finding::verdict).toList())
            .isEqualTo(b.findings().stream().map(Finding::verdict).toList());
      }
    }
  }

  @Test
  void aLampWhoseRuleIsNotKnownIsNeverCalledWithin() {
    Walls walls = new Walls();
    walls.edge = BySide.of(side -> OptionalDouble.empty());
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.MEASURE_EDGE);
    walls.reads(Side.LEFT, 95).reads(Side.RIGHT, -10);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.MEASURE_EDGE);
    walls.label = OptionalDouble.of(-1.2);
    assertThat(walls.sheet().next().verdict()).isEqualTo(Verdict.NOT_KNOWN);
    walls.edge = Walls.both(600);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.TURN_AND_READ);
  }

  @Test
  void aSchoolThatHasNothingToGoByIsNeverCalledWithin() {
    Walls walls = new Walls().school(School.MATCH_BEFORE);
    walls.reads(Side.LEFT, 95).reads(Side.RIGHT, 95);
    assertThat(walls.sheet().next().verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.SETTLE);
  }

  /** Arithmetic: 762 mm falling 1 % meets the road at 76.2 m. */
  @Test
  void aReachShowsHowItComesAbout() {
    Walls walls = new Walls().centre(762).reads(Side.LEFT, 76.2).reads(Side.RIGHT, -5);
    var lines = working(walls, Side.LEFT);
    assertThat(lines).hasSize(3);
    assertThat(lines.get(2).result().value()).isCloseTo(76_200, within(1e-6));
    assertThat(Said.text(lines.get(2).filled())).isEqualTo("762.0 mm ÷ (1.00 % ÷ 100)");
    assertThat(working(walls, Side.RIGHT)).hasSize(2);
  }

  private static java.util.List<mellow.core.finding.Working.Line> working(Walls walls, Side side) {
    LampSheet lamp = walls.sheet().pairs().get(0).lamps().on(side);
    return Road.working(lamp.place().orElseThrow(), lamp.reading().orElseThrow().percent()).lines();
  }

  /** 2 in at 25 ft is 0.667 %, 30 mm at 3 m is 1 % (by arithmetic). */
  @Test
  void itCameAsTheMarkSaysOrAsReadBeforeAnyTurn() {
    Walls walls =
        new Walls()
            .reads(Side.LEFT, 50.8)
            .turns(Side.LEFT, "upper", 1)
            .reads(Side.LEFT, 90)
            .turns(Side.RIGHT, "upper", 1)
            .reads(Side.RIGHT, 90);
    assertThat(walls.lamp(Side.LEFT).percentAsItCame().orElseThrow())
        .isCloseTo(-2.0 / 3, within(1e-9));
    assertThat(walls.lamp(Side.RIGHT).percentAsItCame()).as("turned before it was read").isEmpty();
    walls.before = BySide.of(side -> Optional.of(new PairInput.BeforeMark(30, 3000)));
    assertThat(walls.lamp(Side.RIGHT).percentAsItCame().orElseThrow()).isEqualTo(-1);
    assertThat(walls.lamp(Side.LEFT).percentAsItCame().orElseThrow()).isEqualTo(-1);
  }

  @Test
  void aBusOfAnUnknownClassIsNotWithinASetForCars() {
    Walls walls = new Walls().reads(Side.LEFT, 95).reads(Side.RIGHT, 95);
    assertThat(walls.sheet().next().action()).isEqualTo(NextStep.Action.DONE);
    walls.scope = new VehicleScope(Optional.empty(), Optional.of(BodyKind.BUS));
    NextStep next = walls.sheet().next();
    assertThat(next.verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(next.action()).isEqualTo(NextStep.Action.SETTLE);
  }
}
