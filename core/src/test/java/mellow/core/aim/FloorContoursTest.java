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

  @Test
  void aLevelFloorHasNoLinesThatMatter() {
    assertThat(FloorContours.of(plane(0, 0, 0), AREA)).hasSizeLessThanOrEqualTo(1);
  }
}
