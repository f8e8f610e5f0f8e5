package mellow.core.photometry.road;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import mellow.core.photometry.Beam;
import mellow.core.photometry.MountedBeam;
import mellow.core.photometry.MountedBeam.Facing;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.road.Lane.OnFoot;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoadTest {
  private static final Beam PROJECTOR = Beam.of(ShippedBeam.PROJECTOR.file());
  private static final Lane RIGHT = new Lane(TrafficSide.RIGHT, Lane.USUAL_WIDTH_MM);

  private static Headlamps pair(Beam beam, double percent) {
    BeamCutoff.Flat flat = beam == PROJECTOR ? BeamCutoff.Flat.LEFT : BeamCutoff.Flat.RIGHT;
    BeamCutoff cutoff = BeamCutoff.of(beam, flat).orElseThrow();
    return new Headlamps(
        List.of(lamp(beam, cutoff, 600, percent), lamp(beam, cutoff, -600, percent)));
  }

  private static MountedBeam lamp(Beam beam, BeamCutoff cutoff, double x, double percent) {
    return Headlamps.aimed(beam, cutoff, new Headlamps.Stand(new Place(x, 0, 750), percent, 0, 0));
  }

  /** 1 % down from 750 mm meets a level road at 75 m: there the light falls steepest. */
  @Test
  void theCutoffMeetsTheRoadWhereItsInclinationSays() {
    MountedBeam lamp = pair(PROJECTOR, -1).lamps().get(0);
    // the flat part, just to the left of straight ahead; over a tenth of a degree, as instruments
    // do
    double aside = Math.tan(Math.toRadians(1));
    double steepest = 0;
    double at = 0;
    for (double down = 0.3; down < 1; down += 0.002) {
      double near = 750 / Math.tan(Math.toRadians(down + 0.05));
      double far = 750 / Math.tan(Math.toRadians(down - 0.05));
      double fall =
          lamp.candela(new Place(600 + near * aside, near, 0))
              / lamp.candela(new Place(600 + far * aside, far, 0));
      if (fall > steepest) {
        steepest = fall;
        at = 750 / Math.tan(Math.toRadians(down));
      }
    }
    assertThat(at).isCloseTo(75_000, within(1_000.0));
  }

  /** On a wall at 10 m the picture moves by what the aim moves, 100 mm for 1 %. */
  @Test
  void thePictureMovesByTheDrop() {
    MountedBeam level = pair(PROJECTOR, 0).lamps().get(0);
    MountedBeam down = pair(PROJECTOR, -1).lamps().get(0);
    for (double aside : new double[] {-900, -300, 0, 400}) {
      assertThat(edgeOnWall(level, aside) - edgeOnWall(down, aside)).isCloseTo(100, within(1.0));
    }
  }

  /**
   * Where, going up a wall at 10 m, the light first falls to a tenth of what it is 150 mm lower.
   */
  private static double edgeOnWall(MountedBeam lamp, double aside) {
    double z = 300;
    while (lamp.lux(600 + aside, 10_000, z, Facing.BACKWARD)
        > lamp.lux(600 + aside, 10_000, z - 150, Facing.BACKWARD) / 10) {
      z += 0.5;
    }
    return z;
  }

  /** The same road in a mirror: lamps, sides and traffic. */
  @Test
  void trafficOnTheOtherSideIsTheMirror() {
    Headlamps right = pair(PROJECTOR, -1);
    Headlamps left = pair(PROJECTOR.mirrored(), -1);
    Lane leftLane = new Lane(TrafficSide.LEFT, Lane.USUAL_WIDTH_MM);
    for (OnFoot where : OnFoot.values()) {
      assertThat(leftLane.xMm(where)).isEqualTo(-RIGHT.xMm(where));
      double there = Reach.mm(right, RoadShape.LEVEL, RIGHT.xMm(where), 250, 3).orElseThrow();
      assertThat(Reach.mm(left, RoadShape.LEVEL, leftLane.xMm(where), 250, 3))
          .hasValueCloseTo(there, within(there * 0.01));
    }
  }

  /** At the reach there is just the light that was asked for, and less beyond. */
  @Test
  void theReachIsTheFarthestPlaceWithThatLight() {
    Headlamps pair = pair(PROJECTOR, -1);
    double x = RIGHT.xMm(OnFoot.KERB);
    double three = Reach.mm(pair, RoadShape.LEVEL, x, 250, 3).orElseThrow();
    assertThat(pair.lux(RoadShape.LEVEL, x, three, 250, Facing.BACKWARD))
        .isCloseTo(3, within(0.01));
    assertThat(pair.lux(RoadShape.LEVEL, x, three + 2000, 250, Facing.BACKWARD)).isLessThan(3);
    double five = Reach.mm(pair, RoadShape.LEVEL, x, 250, 5).orElseThrow();
    assertThat(five).isLessThan(three);
    // the kerb is lit farther than the opposite side; that is what the rising part is for
    assertThat(Reach.mm(pair, RoadShape.LEVEL, RIGHT.xMm(OnFoot.OPPOSITE), 250, 5).orElseThrow())
        .isLessThan(five);
    assertThat(Reach.mm(pair, RoadShape.LEVEL, x, 250, 1e6)).isEqualTo(OptionalDouble.empty());
  }

  /**
   * Over a crest of 1 km radius a lamp 750 mm high sees the road to √(2 R h) = 38.7 m, and
   * something 250 mm high for √(2 R × 250) = 22.4 m more, by geometry; in a dip nothing is hidden.
   */
  @Test
  void aCrestHidesWhatIsBehindIt() {
    Headlamps pair = pair(PROJECTOR, -1);
    RoadShape crest = new RoadShape(-1_000_000);
    assertThat(pair.lux(crest, 0, 38_500, 0, Facing.BACKWARD)).isPositive();
    assertThat(pair.lux(crest, 0, 39_000, 0, Facing.BACKWARD)).isZero();
    assertThat(Reach.mm(pair, crest, 0, 250, 0.1).orElseThrow()).isCloseTo(61_090, within(20.0));
    assertThat(pair.lux(new RoadShape(1_000_000), 0, 61_500, 250, Facing.BACKWARD)).isPositive();
  }

  /**
   * AASHTO Policy on Geometric Design, table of stopping sight distances, metric (from memory). The
   * table rounds 1 ÷ (2 × 3.6²) up to 0.039, by 1.1 % of the braking part.
   */
  @ParameterizedTest
  @CsvSource({"60, 83.0", "80, 129.0", "100, 184.2", "120, 248.6"})
  void stoppingSightDistancesAreThoseOfTheHandbook(double kmh, double metres) {
    assertThat(Stopping.DESIGN.distanceMm(kmh) / 1000).isCloseTo(metres, within(metres * 0.008));
    assertThat(Stopping.DESIGN.speedKmh(Stopping.DESIGN.distanceMm(kmh)))
        .isCloseTo(kmh, within(1e-9));
  }

  /** A cone over the grid: its lines are circles, closed, of the radius that the level gives. */
  @Test
  void linesOfAConeAreCircles() {
    double[][] cone = new double[61][81];
    for (int row = 0; row < cone.length; row++) {
      for (int column = 0; column < cone[row].length; column++) {
        cone[row][column] = 100 - Math.hypot(row - 30, column - 40);
      }
    }
    List<Contours.Line> lines = Contours.of(cone, 100 - 12.3);
    assertThat(lines).hasSize(1);
    assertThat(lines.get(0).closed()).isTrue();
    assertThat(lines.get(0).points())
        .allSatisfy(
            p ->
                assertThat(Math.hypot(p.along() - 30, p.across() - 40))
                    .isCloseTo(12.3, within(0.05)));
    assertThat(lines.get(0).points().get(0))
        .isEqualTo(lines.get(0).points().get(lines.get(0).points().size() - 1));
    // larger than the grid is high: two arcs that end at its border
    assertThat(Contours.of(cone, 100 - 35)).hasSize(2).noneMatch(Contours.Line::closed);
    assertThat(Contours.of(cone, 200)).isEmpty();
  }

  /** Two hills that touch at a saddle below the level stay two, above it they are one. */
  @Test
  void aSaddleIsCutByItsMean() {
    double[][] saddle = {{0, 0, 0, 0}, {0, 9, 2, 0}, {0, 2, 9, 0}, {0, 0, 0, 0}};
    assertThat(Contours.of(saddle, 6)).hasSize(2);
    assertThat(Contours.of(saddle, 5)).hasSize(1);
  }

  /**
   * Each point of a line of equal light has that light on the road, but on the picture's border.
   */
  @Test
  void isoluxLinesHaveTheirLight() {
    Headlamps pair = pair(PROJECTOR, -1);
    RoadPicture.Window window = new RoadPicture.Window(5_000, 100_000, 40_000, 250);
    RoadPicture picture = RoadPicture.of(pair, RoadShape.LEVEL, window, Facing.UP);
    List<Contours.Line> lines = picture.isolux(1);
    assertThat(lines).isNotEmpty().allMatch(Contours.Line::closed);
    for (Contours.Line line : lines) {
      assertThat(
              line.points().stream()
                  .filter(p -> p.along() > 5_000 && Math.abs(p.across()) < 20_000))
          .allSatisfy(
              p ->
                  assertThat(pair.lux(RoadShape.LEVEL, p.across(), p.along(), 0, Facing.UP))
                      .isBetween(0.9, 1.1));
    }
  }
}
