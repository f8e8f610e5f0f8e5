package mellow.core.placement;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static mellow.core.placement.Fronts.find;
import static mellow.core.placement.Fronts.finding;
import static mellow.core.placement.Fronts.front;
import static mellow.core.placement.Fronts.named;
import static mellow.core.placement.Fronts.square;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.measure.LengthUnit;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;

/** UN R48, UN R87, 49 CFR 571.108, California Vehicle Code 24403: all figures from memory. */
class PlaceRulesTest {
  private static final double IN = 25.4;

  private static LampPair drl(double innerEdgesMm, double lowerMm) {
    return square(LampFunction.DRL, 60, innerEdgesMm / 2 + 30, lowerMm + 30);
  }

  @Test
  void runningLampsWithInnerEdges590ApartAreOutBy10AndWithinOnANarrowVehicle() {
    assertThatFinding(finding(front(1700, drl(590, 500)), "un-r48.drl.spacing", "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6)
        .says(PlacementWords.innerEdges(PlaceWords.both(drl(590, 500)), Figure.lengthMm(10), false))
        .advises(PlacementWords.moveEach(Figure.lengthMm(10), false));
    assertThatFinding(finding(front(1290, drl(590, 500)), "un-r48.drl.spacing-narrow", "un-r48"))
        .is(Verdict.WITHIN)
        .hasMargin(190, 1e-6);
    assertThat(find(front(1290, drl(590, 500)), "un-r48.drl.spacing", "un-r48")).isEmpty();
  }

  /** What was drawn to begin with is no measurement: the room it shows is no verdict. */
  @Test
  void whatHangsOnAGuessIsNeverCalledWithin() {
    LampPair measured = drl(900, 500);
    LampPair drawn =
        new LampPair(
            measured.id(),
            measured.name(),
            measured.lamp(),
            measured.spots(),
            Set.of(Guess.PLACE, Guess.HEADING));
    List<RuleSet> sets = List.of(Fronts.rules("un-r48"), Fronts.rules("fitters"));
    Front wide = new Front(1700, true, List.of(drawn), List.of(), Optional.empty());
    assertThat(PlaceSheet.of(wide, sets, 1).findings())
        .filteredOn(finding -> finding.verdict() == Verdict.WITHIN)
        .extracting(Finding::id)
        .allMatch(id -> id.matches(".*(area|intensity|count|number).*"));
    assertThatFinding(finding(wide, "un-r48.drl.spacing", "un-r48"))
        .is(Verdict.NOT_KNOWN)
        .says("placement.guessedPlace")
        .advises(PlacementWords.measurePlace());
    Front wideAndMeasured = new Front(1700, true, List.of(measured), List.of(), Optional.empty());
    assertThatFinding(finding(wideAndMeasured, "fitters.drl.outer-edge", Side.LEFT, "fitters"))
        .is(Verdict.NOT_KNOWN)
        .says("placement.guessedWidth")
        .advises(PlacementWords.measureWidth());
    assertThatFinding(finding(wideAndMeasured, "un-r48.drl.spacing", "un-r48")).is(Verdict.WITHIN);
  }

  @Test
  void runningLampsAt240AndAt1510AreOutBy10() {
    assertThatFinding(
            finding(front(1700, drl(700, 240)), "un-r48.drl.lower-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    assertThatFinding(
            finding(front(1700, drl(700, 1450)), "un-r48.drl.upper-edge", Side.RIGHT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
  }

  /** UN R48 6.5.4, 6.9.4 and table I-a of 49 CFR 571.108, from memory. */
  @Test
  void turnSignalsAndPositionLampsHaveTheirPlace() {
    Front low = front(1700, square(LampFunction.TURN, 60, 850 - 410 - 30, 370));
    assertThatFinding(finding(low, "un-r48.turn.lower-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    assertThatFinding(finding(low, "un-r48.turn.outer-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    Front high = front(1700, square(LampFunction.POSITION, 40, 600, 1490));
    assertThatFinding(finding(high, "un-r48.position.upper-edge", Side.RIGHT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    assertThatFinding(finding(high, "un-r48.position.spacing", "un-r48")).is(Verdict.WITHIN);
    Front turn = front(1700, square(LampFunction.TURN, 60, 600, 15.5 * IN));
    assertThatFinding(finding(turn, "us-fmvss-108.turn.height", Side.LEFT, "us-fmvss-108"))
        .is(Verdict.WITHIN);
    Front parking = front(1700, square(LampFunction.POSITION, 40, 600, 14.5 * IN));
    assertThatFinding(finding(parking, "us-fmvss-108.position.height", Side.LEFT, "us-fmvss-108"))
        .is(Verdict.OUT);
  }

  /** UN R48 6.3.2 and 6.19.2, from memory: two fog lamps, two running lamps. */
  @Test
  void secondPairIsOneTooManyByTheRegulation() {
    LampPair factory = named("factory", square(LampFunction.FRONT_FOG, 90, 600, 400));
    Front two = front(1700, factory, square(LampFunction.FRONT_FOG, 90, 400, 400));
    assertThatFinding(finding(two, "un-r48.fog.count", "un-r48")).is(Verdict.OUT);
    assertThatFinding(finding(front(1700, drl(900, 500)), "un-r48.drl.count", "un-r48"))
        .is(Verdict.WITHIN);
  }

  @Test
  void aRunningLamp410FromTheSideIsOutForFittersAndNoConcernOfTheRegulation() {
    Front front = front(1700, square(LampFunction.DRL, 60, 850 - 410 - 30, 500));
    assertThatFinding(finding(front, "fitters.drl.outer-edge", Side.LEFT, "fitters", "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    assertThat(
            PlaceSheet.of(front, List.of(Fronts.rules("un-r48")), 1).findings().stream()
                .filter(finding -> finding.rule().contains("outer-edge")))
        .isEmpty();
  }

  @Test
  void aFogLampIsHeldToItsLowerEdgeAndToTheLowBeamsTop() {
    LampPair low = named("low", square(LampFunction.DIPPED, 120, 600, 640));
    Front front = front(1700, low, square(LampFunction.FRONT_FOG, 90, 600, 290));
    assertThatFinding(finding(front, "un-r48.fog.lower-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-5, 1e-6);
    Front high = front(1700, low, square(LampFunction.FRONT_FOG, 90, 600, 660));
    assertThatFinding(finding(high, "un-r48.fog.not-above-dipped", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-5, 1e-6)
        .says(
            PlacementWords.aboveTop(
                PlaceWords.who(high.pairs().get(1), Side.LEFT), Figure.lengthMm(5), true));
    assertThatFinding(
            finding(
                front(1700, square(LampFunction.FRONT_FOG, 90, 600, 400)),
                "un-r48.fog.not-above-dipped",
                Side.LEFT,
                "un-r48"))
        .is(Verdict.NOT_KNOWN)
        .advises(PlacementWords.drawLowBeam());
  }

  @Test
  void aLowBeamIsMeasuredToItsHighestPointByTheRegulationAndToItsCentreIn54Inches() {
    // a lens of 150 mm with its centre at 1135: its highest point stands at 1210
    Front front = front(1900, square(LampFunction.DIPPED, 150, 700, 1135));
    assertThatFinding(finding(front, "un-r48.dipped.upper-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-10, 1e-6);
    // UN R48 5.8.1, 6.2.4.2 (from memory): the lowest point, here 495, is held against 500
    Front low = front(1900, square(LampFunction.DIPPED, 150, 700, 570));
    assertThatFinding(finding(low, "un-r48.dipped.lower-edge", Side.LEFT, "un-r48"))
        .is(Verdict.OUT)
        .hasMargin(-5, 1e-6);
    assertThatFinding(finding(front, "us-fmvss-108.headlamp.height", Side.LEFT, "us-fmvss-108"))
        .is(Verdict.WITHIN)
        .hasMargin(1371.6 - 1135, 1e-6);
  }

  @Test
  void aRunningLampAt43InchesIsOutByOneInchInTheUnitedStates() {
    Front front = front(1900, square(LampFunction.DRL, 60, 700, LengthUnit.IN.toMm(43)));
    assertThatFinding(finding(front, "us-fmvss-108.drl.height", Side.LEFT, "us-fmvss-108"))
        .is(Verdict.OUT)
        .hasMargin(-25.4, 1e-6);
  }

  @Test
  void nextToATurnSignalARunningLampIsDimOrGoesOutWithIt() {
    LampPair turn = named("turn", square(LampFunction.TURN, 60, 700, 600));
    Outline lit = new Outline.Rectangle(60, 60);
    for (boolean goesOut : new boolean[] {false, true}) {
      Lamp bright =
          new Lamp(
              LampFunction.DRL,
              List.of(new Lamp.Head(lit, 0, 0)),
              Optional.empty(),
              new Light(
                  OptionalDouble.of(2900),
                  goesOut,
                  false,
                  OptionalDouble.empty(),
                  Optional.empty()),
              Optional.empty(),
              List.of());
      LampPair near = LampPair.mirrored("it", "running lamp", bright, new Spot(600, 600, 0));
      assertThatFinding(
              finding(
                  front(1700, turn, near),
                  "us-fmvss-108.drl.turn-signal",
                  Side.LEFT,
                  "us-fmvss-108"))
          .is(goesOut ? Verdict.WITHIN : Verdict.OUT);
    }
  }

  @Test
  void fourFogLampsAreTwoTooManyInCalifornia() {
    LampPair first = square(LampFunction.FRONT_FOG, 90, 500, 500);
    Front front = front(1700, first, named("more", square(LampFunction.FRONT_FOG, 90, 700, 500)));
    assertThatFinding(finding(front, "us-ca-24403.fog.count", "us-ca-24403"))
        .is(Verdict.OUT)
        .hasMargin(-2, 0);
    assertThatFinding(finding(front(1700, first), "us-ca-24403.fog.count", "us-ca-24403"))
        .is(Verdict.WITHIN);
  }

  @Test
  void aLampThatFollowsTheBumperRoundTheCornerLooksAside() {
    LampPair pair =
        square(LampFunction.DRL, 60, 700, 500)
            .at(new BySide<>(new Spot(700, 500, 13), new Spot(700, 500, -4)));
    assertThatFinding(finding(front(1700, pair), "fitters.drl.heading", Side.LEFT, "fitters"))
        .is(Verdict.OUT)
        .hasMargin(-3, 1e-9);
    assertThatFinding(finding(front(1700, pair), "fitters.drl.heading", Side.RIGHT, "fitters"))
        .is(Verdict.WITHIN);
  }

  /** Arithmetic: π ÷ 4 × 2.54² cm² = 5.07 cm²; √(25 × 4 ÷ π) cm = 56.4 mm. */
  @Test
  void roundHeadsAddUpToTheAreaThatIsAsked() {
    Outline inch = new Outline.Ellipse(25.4, 25.4);
    assertThat(Lamp.of(LampFunction.DRL, inch).litAreaCm2()).isCloseTo(5.067, within(0.001));
    Lamp five =
        new Lamp(
            LampFunction.DRL,
            List.of(
                new Lamp.Head(inch, -60, 0),
                new Lamp.Head(inch, -30, 0),
                new Lamp.Head(inch, 0, 0),
                new Lamp.Head(inch, 30, 0),
                new Lamp.Head(inch, 60, 0)),
            Optional.empty(),
            Light.UNKNOWN,
            Optional.empty(),
            List.of());
    assertThat(five.litAreaCm2()).isCloseTo(25.335, within(0.005));
    assertThat(Lamp.of(LampFunction.DRL, new Outline.Ellipse(56.4, 56.4)).litAreaCm2())
        .isCloseTo(25, within(0.02));
  }

  @Test
  void whatStandsOutOfTheVehicleOrInTheWayIsSaid() {
    LampPair wide = square(LampFunction.DRL, 60, 830, 500);
    assertThatFinding(finding(front(1700, wide), "beyond-side", Side.LEFT))
        .says(PlacementWords.beyondSide(PlaceWords.who(wide, Side.LEFT), Figure.lengthMm(10)));
    KeepOut eye =
        new KeepOut(
            "eye",
            "tow eye",
            new Outline.Polygon(
                List.of(
                    new Point(500, 400),
                    new Point(560, 400),
                    new Point(560, 460),
                    new Point(500, 460))),
            20);
    Front front = new Front(1700, List.of(square(LampFunction.DRL, 60, 600, 430)), List.of(eye));
    assertThatFinding(finding(front, "clear", Side.LEFT)).is(Verdict.OUT).hasMargin(-10, 1e-6);
    assertThatFinding(finding(front, "clear", Side.RIGHT)).is(Verdict.WITHIN);
  }

  @Test
  void sidesThatDifferAreUneven() {
    LampPair pair =
        square(LampFunction.DRL, 60, 700, 500)
            .at(new BySide<>(new Spot(700, 500, 0), new Spot(700, 512, 0)));
    assertThatFinding(finding(front(1700, pair), "even"))
        .is(Verdict.OUT)
        .hasMargin(-7, 1e-9)
        .says(PlacementWords.uneven(PlaceWords.both(pair), Figure.lengthMm(12)));
  }

  @Test
  void anOutlineThatCrossesItselfIsRefusedWithThePlace() {
    List<Point> bow =
        List.of(new Point(0, 0), new Point(100, 100), new Point(100, 0), new Point(0, 100));
    assertThat(Outline.Polygon.problemOf(bow))
        .contains(PlacementWords.outlineCrosses(Figure.lengthMm(50), Figure.lengthMm(50)));
    assertThat(Outline.Polygon.problemOf(bow.subList(0, 2))).isPresent();
  }

  @Test
  void whatWasWrittenFromMemoryIsMarked() {
    assertThat(Fronts.rules("un-r48").placeRules())
        .allMatch(rule -> rule.source().mark() == Source.Mark.FROM_MEMORY);
    assertThat(Fronts.rules("fitters").placeRules())
        .allMatch(rule -> rule.source().mark() == Source.Mark.COMMON_PRACTICE);
  }

  @Test
  void theLeftLampLiesAtTheVehiclesLeft() {
    var shape =
        Front.onVehicle(new Outline.Rectangle(10, 10).geometry(), Side.LEFT, new Spot(600, 500, 0));
    assertThat(shape.getCentroid().getX()).isCloseTo(600, within(1e-9));
  }

  @Test
  void aBraceInANameIsNoFigure() {
    LampPair odd =
        new LampPair(
            "it",
            "{0} lamp {1}",
            Lamp.of(LampFunction.DRL, new Outline.Rectangle(60, 60)),
            new BySide<>(new Spot(500, 270, 0), new Spot(500, 270, 0)));
    assertThatFinding(finding(front(1700, odd), "un-r48.drl.lower-edge", Side.LEFT, "un-r48"))
        .says(
            "placement.highOrLow",
            "asked=LOWER_EDGE_HEIGHT",
            "high=false",
            "off=10 mm",
            "whoSentence=Left (0) lamp (1)");
  }

  /**
   * A parabola 130 mm back at the side of a vehicle 1700 mm wide: at 600 mm out its slope is 2 ×
   * 130 × 600 ÷ 850² = 0.2159, so it turns away by 12.2°; at 400 mm by 8.2°. Arithmetic.
   */
  @Test
  void aLampFlushWithACurvedBumperWouldFollowItRoundTheCorner() {
    for (double[] place : new double[][] {{600, 12.18}, {400, 8.19}}) {
      Front front =
          new Front(
              1700,
              List.of(
                  square(LampFunction.DRL, 60, place[0], 430),
                  Fronts.named("low", square(LampFunction.DIPPED, 120, 620, 680))),
              List.of(),
              Optional.of(new Bumper(130)));
      assertThat(new Bumper(130).turnDeg(place[0], 1700)).isCloseTo(place[1], within(0.01));
      Finding found =
          PlaceSheet.of(front, List.of(), 1).findings().stream()
              .filter(finding -> finding.id().equals("place.bumper@lamp:DRL:LEFT:it"))
              .reduce((one, another) -> fail("two lamps on the bumper"))
              .orElseThrow();
      assertThat(found.verdict()).isEqualTo(place[0] == 600 ? Verdict.AT_EDGE : Verdict.WITHIN);
    }
  }
}
