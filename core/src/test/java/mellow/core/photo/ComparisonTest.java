package mellow.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import mellow.core.finding.Finding;
import mellow.core.finding.Verdict;
import org.junit.jupiter.api.Test;

class ComparisonTest {
  private static Shot shot(boolean focus, boolean exposure, boolean balance, double fromMm) {
    return new Shot(
        OptionalDouble.of(fromMm),
        focus,
        exposure,
        balance,
        Optional.of(new Marks(100, 300, 900, 310)));
  }

  private static Verdict verdict(Comparison comparison, String id) {
    return comparison.findings().stream()
        .filter(finding -> finding.id().equals(id))
        .map(Finding::verdict)
        .findFirst()
        .orElse(null);
  }

  /** Each comparison says for which it is good (common practice). */
  @Test
  void whatWasNotLockedIsNotCompared() {
    Comparison all = Comparison.of(shot(true, true, true, 3000), shot(true, true, true, 3050));
    assertThat(all.findings()).extracting(Finding::verdict).containsOnly(Verdict.WITHIN);
    Comparison some = Comparison.of(shot(true, true, false, 3000), shot(false, true, true, 3400));
    assertThat(verdict(some, "photo.shape")).isEqualTo(Verdict.AT_EDGE);
    assertThat(verdict(some, "photo.brightness")).isEqualTo(Verdict.WITHIN);
    assertThat(verdict(some, "photo.colour")).isEqualTo(Verdict.OUT);
    assertThat(verdict(some, "photo.distance")).isEqualTo(Verdict.AT_EDGE);
  }

  @Test
  void withoutMarksThereIsNothingToLayOver() {
    Shot bare = new Shot(OptionalDouble.empty(), true, true, true, Optional.empty());
    Comparison comparison = Comparison.of(bare, shot(true, true, true, 3000));
    assertThat(comparison.registration()).isEmpty();
    assertThat(verdict(comparison, "photo.shape")).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(Registration.of(new Marks(0, 0, 10, 10), new Marks(0, 0, 400, 0))).isEmpty();
  }

  /**
   * Against the platform's own geometry: turned, scaled and moved, the marks fall on the others.
   */
  @Test
  void theLaterPhotosMarksFallOnTheEarliers() {
    Random random = new Random(7);
    for (int trial = 0; trial < 200; trial++) {
      Marks over =
          new Marks(
              random.nextDouble(500),
              random.nextDouble(500),
              700 + random.nextDouble(500),
              random.nextDouble(500));
      double turn = random.nextDouble(-30, 30);
      double scale = random.nextDouble(0.5, 2);
      AffineTransform taken = AffineTransform.getTranslateInstance(random.nextDouble(300), 40);
      taken.rotate(Math.toRadians(turn));
      taken.scale(scale, scale);
      Point2D left = taken.transform(new Point2D.Double(over.leftX(), over.leftY()), null);
      Point2D right = taken.transform(new Point2D.Double(over.rightX(), over.rightY()), null);
      Registration found =
          Registration.of(new Marks(left.getX(), left.getY(), right.getX(), right.getY()), over)
              .orElseThrow();
      assertThat(found.a()).isCloseTo(taken.getScaleX(), within(1e-9));
      assertThat(found.b()).isCloseTo(taken.getShearY(), within(1e-9));
      assertThat(found.dx()).isCloseTo(taken.getTranslateX(), within(1e-6));
      assertThat(found.dy()).isCloseTo(taken.getTranslateY(), within(1e-6));
      assertThat(found.turnDeg()).isCloseTo(turn, within(1e-9));
      assertThat(found.scale()).isCloseTo(scale, within(1e-9));
    }
  }
}
