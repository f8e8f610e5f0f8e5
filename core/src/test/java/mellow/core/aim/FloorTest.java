package mellow.core.aim;

import static mellow.core.finding.FindingAssert.assertThatFinding;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import mellow.core.aim.FloorSurvey.Corner;
import mellow.core.aim.FloorSurvey.TyreReading;
import mellow.core.finding.Figure;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.Side;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FloorTest {
  /** The plane, its residuals and its error gain against a reference library's own regression. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void agreesWithAReferenceLibrary(long seed) {
    Random random = new Random(seed);
    int n = 4 + random.nextInt(6);
    List<FloorPlane.Point> points = new ArrayList<>();
    double[][] places = new double[n][];
    double[] heights = new double[n];
    for (int i = 0; i < n; i++) {
      places[i] = new double[] {random.nextDouble(-800, 800), random.nextDouble(-12_000, -5_000)};
      heights[i] = random.nextDouble(-30, 30);
      points.add(new FloorPlane.Point(places[i][0], places[i][1], heights[i]));
    }
    OLSMultipleLinearRegression reference = new OLSMultipleLinearRegression();
    reference.newSampleData(heights, places);
    double[] beta = reference.estimateRegressionParameters();
    double[][] variance = reference.estimateRegressionParametersVariance();
    double[] at = {1, 400, 0};
    double gainSquare = 0;
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        gainSquare += at[i] * variance[i][j] * at[j];
      }
    }

    FloorPlane plane = FloorPlane.fit(points).orElseThrow();

    assertThat(plane.heightMm(400, 0)).isCloseTo(beta[0] + 400 * beta[1], within(1e-7));
    assertThat(plane.riseForwardPercent()).isCloseTo(100 * beta[2], within(1e-9));
    double[] residuals = reference.estimateResiduals();
    for (int i = 0; i < n; i++) {
      assertThat(plane.residualsMm().get(i)).isCloseTo(residuals[i], within(1e-7));
    }
    assertThat(plane.errorGain(400, 0)).isCloseTo(Math.sqrt(gainSquare), within(1e-6));
  }

  @Test
  void pointsOnALineLeaveThePlaneOpen() {
    assertThat(
            FloorPlane.fit(
                List.of(
                    new FloorPlane.Point(0, 0, 1),
                    new FloorPlane.Point(1, 1, 2),
                    new FloorPlane.Point(2, 2, 4))))
        .isEmpty();
  }

  /**
   * Rear tyres 10 mm higher than the front on 2500 mm, lamps 900 ahead of the front axle, wall 7620
   * ahead of the lamps, wall's foot at −5: −10/2500 × 8520 + 5 = −29.08 mm.
   */
  @Test
  void theMarkFollowsThePlaneOfTheTyres() {
    Walls level = new Walls();
    Walls sloped = new Walls();
    sloped.survey = Optional.of(survey(0, 0, 10, 10, -5, -5));
    for (Side side : Side.values()) {
      assertThat(sloped.markMm(side) - level.markMm(side)).isCloseTo(-29.08, within(0.005));
    }
  }

  /**
   * A floor that falls 12 mm to the left over 1600 mm of track, wall's foot level between lamps.
   */
  @Test
  void aFloorThatLeansSidewaysMovesTheMarksApart() {
    Walls leaning = new Walls();
    leaning.survey = Optional.of(survey(-6, 6, -6, 6, 0, 0));
    double apart = leaning.markMm(Side.RIGHT) - leaning.markMm(Side.LEFT);
    assertThat(apart).isCloseTo(12.0 * 1200 / 1600, within(1e-9));
  }

  @Test
  void twistIsTheDistanceOfEachTyreFromThePlane() {
    Walls twisted = new Walls();
    twisted.survey = Optional.of(survey(5, -5, -5, 5, 0, 0));
    assertThatFinding(twisted.finding("floor.twist@bay"))
        .is(Verdict.OUT)
        .hasMargin(-2, 1e-9)
        .says(AimWords.twisted(Figure.fineMm(5)))
        .advises(AimWords.readTyresTwice());
  }

  @Test
  void aTwistThatWasReadTwiceIsRealAndOnlyMakesTheMarksUncertain() {
    List<TyreReading> twice = new ArrayList<>(tyres(5, -5, -5, 5));
    twice.addAll(tyres(5, -5, -5, 5));
    Walls twisted = new Walls();
    twisted.survey = Optional.of(survey(twice, OptionalDouble.of(0)));
    Walls flat = new Walls();
    flat.survey = Optional.of(survey(0, 0, 0, 0, 0, 0));
    assertThatFinding(twisted.finding("floor.twist@bay"))
        .is(Verdict.AT_EDGE)
        .says(AimWords.twistedRead(Figure.fineMm(5)));
    assertThat(uncertainty(twisted)).isGreaterThan(uncertainty(flat));
  }

  @Test
  void aPlaneThatTiltsAbsurdlyIsAskedAboutAgain() {
    Walls ramp = new Walls();
    ramp.survey = Optional.of(survey(0, 0, 100, 100, 0, 0)); // 4 % over 2500 mm
    assertThatFinding(ramp.finding("floor.tilt@bay")).is(Verdict.OUT).hasMargin(-1, 1e-9);
  }

  @Test
  void threeTyresAndAMissingFootAreNamed() {
    Walls walls = new Walls();
    walls.survey = Optional.of(survey(tyres(0, 0, 2, 2).subList(0, 3), OptionalDouble.empty()));
    assertThatFinding(walls.finding("floor.twist@bay")).is(Verdict.NOT_KNOWN);
    assertThatFinding(walls.finding("floor.foot@floor:wall:LEFT"))
        .is(Verdict.NOT_KNOWN)
        .advises(AimWords.readFoot(Side.LEFT));
    assertThatFinding(new Walls().finding("floor.survey@bay")).is(Verdict.NOT_KNOWN);
  }

  /** Taped from a floor 8 mm above the tyres' plane, the centre counts 8 mm more. */
  @Test
  void aHumpUnderTheLampIsAllowedFor() {
    FloorSurvey flat = survey(0, 0, 0, 0, 0, 0);
    Walls walls = new Walls();
    walls.survey =
        Optional.of(
            new FloorSurvey(
                flat.plan(), flat.tyres(), flat.footMm(), Walls.both(8), flat.readingErrorMm()));
    assertThat(walls.lamp(Side.LEFT).place().orElseThrow().centreMm()).isCloseTo(676, within(1e-9));
  }

  /** Read 1200 mm apart, 4 mm up and 8 mm down: 12 mm on 1200, and 2 mm down in the middle. */
  @Test
  void theWallsFootIsStraightBetweenItsReadings() {
    Floor floor = Floor.of(Optional.of(survey(0, 0, 0, 0, 4, -8)));
    assertThat(floor.footMm(300)).isCloseTo(1, within(1e-9));
    assertThat(floor.footMm(-600)).isCloseTo(-8, within(1e-9));
    assertThat(floor.correctionMm(300)).isCloseTo(-1, within(1e-9));
  }

  @Test
  void aFootThatWasReadOnOneSideServesBoth() {
    FloorSurvey flat = survey(0, 0, 0, 0, 0, 0);
    for (Side side : Side.values()) {
      FloorSurvey half =
          new FloorSurvey(
              flat.plan(),
              flat.tyres(),
              BySide.of(one -> one == side ? OptionalDouble.of(3) : OptionalDouble.empty()),
              flat.underLampMm(),
              flat.readingErrorMm());
      assertThat(Floor.of(Optional.of(half)).footMm(500)).isCloseTo(3, within(1e-9));
    }
  }

  /** Without a survey the floor is taken as level, and stands where it is drawn. */
  @Test
  void aFloorThatWasNotReadCorrectsNothing() {
    Floor floor = Floor.of(Optional.empty());
    assertThat(floor.plane()).isEmpty();
    assertThat(floor.footMm(300)).isZero();
    assertThat(floor.underLampMm(Side.LEFT, 600, -7620)).isZero();
    assertThat(Floor.of(Optional.of(survey(0, 0, 10, 10, 0, 0))).plane()).isPresent();
  }

  private static double uncertainty(Walls walls) {
    return walls.lamp(Side.LEFT).place().orElseThrow().uncertaintyPercent(1);
  }

  private static FloorSurvey survey(
      double fl, double fr, double rl, double rr, double footLeft, double footRight) {
    return new FloorSurvey(
        new FloorSurvey.Plan(8520, 2500, 1600, 1200),
        tyres(fl, fr, rl, rr),
        new BySide<>(OptionalDouble.of(footLeft), OptionalDouble.of(footRight)),
        BySide.of(side -> OptionalDouble.empty()),
        1);
  }

  private static FloorSurvey survey(List<TyreReading> tyres, OptionalDouble footLeft) {
    return new FloorSurvey(
        new FloorSurvey.Plan(8520, 2500, 1600, 1200),
        tyres,
        new BySide<>(footLeft, OptionalDouble.of(0)),
        BySide.of(side -> OptionalDouble.empty()),
        1);
  }

  private static List<TyreReading> tyres(double fl, double fr, double rl, double rr) {
    return List.of(
        new TyreReading(Corner.FRONT_LEFT, fl),
        new TyreReading(Corner.FRONT_RIGHT, fr),
        new TyreReading(Corner.REAR_LEFT, rl),
        new TyreReading(Corner.REAR_RIGHT, rr));
  }
}
