package mellow.core.aim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FloorContoursTest {
  private static final FloorContours.Area AREA = new FloorContours.Area(3000, -3000, -12_000, 0);

  private static FloorPlane plane(double atLeft, double atRight, double rear) {
    return FloorPlane.fit(
            List.of(
                new FloorPlane.Point(800, -8000, atLeft),
                new FloorPlane.Point(-800, -8000, atRight),
                new FloorPlane.Point(800, -11_000, rear + atLeft),
                new FloorPlane.Point(-800, -11_000, rear + atRight)))
        .orElseThrow();
  }

  /** Both ends of a level line have its height, and lie on the rectangle's edge. */
  @Test
  void aLevelLineIsLevel() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      FloorPlane plane =
          plane(random.nextDouble(-9, 9), random.nextDouble(-9, 9), random.nextDouble(-30, 30));
      List<FloorContours.Line> lines = FloorContours.of(plane, AREA);
      assertThat(lines).hasSizeLessThanOrEqualTo(13);
      for (FloorContours.Line line : lines) {
        assertThat(plane.heightMm(line.x1Mm(), line.y1Mm()))
            .isCloseTo(line.levelMm(), within(1e-6));
        assertThat(plane.heightMm(line.x2Mm(), line.y2Mm()))
            .isCloseTo(line.levelMm(), within(1e-6));
        assertThat(Math.abs(line.x1Mm())).isLessThanOrEqualTo(3000 + 1e-6);
        assertThat(line.y2Mm()).isBetween(-12_000 - 1e-6, 1e-6);
      }
    }
  }

  /** 6 mm up for each metre to the left: 5 mm higher at 833 mm, all along the bay. */
  @Test
  void aFloorThatTipsToTheSideHasLinesAlongTheBay() {
    List<FloorContours.Line> lines = FloorContours.of(plane(4.8, -4.8, 0), AREA);
    assertThat(lines)
        .extracting(FloorContours.Line::levelMm)
        .containsExactly(-15.0, -10.0, -5.0, 0.0, 5.0, 10.0, 15.0);
    FloorContours.Line five = lines.get(4);
    assertThat(List.of(five.x1Mm(), five.x2Mm()))
        .allSatisfy(x -> assertThat(x).isCloseTo(833.333, within(0.001)));
    assertThat(List.of(five.y1Mm(), five.y2Mm())).containsExactlyInAnyOrder(-12_000.0, 0.0);
  }

  /** 11 mm up for each metre backwards from 8 m. */
  @Test
  void aFloorThatRisesBackwardsHasLinesAcrossIt() {
    List<FloorContours.Line> lines = FloorContours.of(plane(0, 0, 33), AREA);
    assertThat(lines)
        .extracting(FloorContours.Line::levelMm)
        .containsExactly(-80.0, -60.0, -40.0, -20.0, 0.0, 20.0, 40.0);
    FloorContours.Line level = lines.get(4);
    assertThat(List.of(level.y1Mm(), level.y2Mm()))
        .allSatisfy(y -> assertThat(y).isCloseTo(-8000, within(0.001)));
    assertThat(List.of(level.x1Mm(), level.x2Mm())).containsExactlyInAnyOrder(3000.0, -3000.0);
  }

  @Test
  void aFloorSteeperThanAnyStepHasADozenLines() {
    List<FloorContours.Line> lines = FloorContours.of(plane(2001, -2001, 0), AREA);
    assertThat(lines).hasSizeBetween(12, 13);
    assertThat(lines.get(1).levelMm() - lines.get(0).levelMm())
        .isCloseTo(2 * 3000 * 2001 / 800.0 / 12, within(0.01));
  }

  @Test
  void aLevelFloorHasNoLinesThatMatter() {
    assertThat(FloorContours.of(plane(0, 0, 0), AREA)).hasSizeLessThanOrEqualTo(1);
  }
}
