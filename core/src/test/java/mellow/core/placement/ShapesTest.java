package mellow.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

class ShapesTest {
  private final Geometry disc = new Outline.Ellipse(90, 60).geometry();
  private final Geometry plate = new Outline.Rectangle(120, 40).geometry();

  /** Reference: the distance of the JTS library, which is written otherwise. */
  @Test
  void gapIsThatOfTheGeometryLibrary() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      AffineTransformation move = AffineTransformation.rotationInstance(random.nextDouble(3.1));
      move.translate(random.nextDouble(-300, 300), random.nextDouble(-300, 300));
      Geometry there = move.transform(plate);
      assertThat(Shapes.gap(disc, there)).isCloseTo(disc.distance(there), within(1e-9));
    }
  }

  @Test
  void gapLooksAtEachPartOfAShape() {
    Geometry pair =
        Shapes.union(
            List.of(
                AffineTransformation.translationInstance(-300, 0).transform(plate),
                AffineTransformation.translationInstance(300, 0).transform(plate)));
    // between the two plates, 239.5 mm from either: no edge runs across the space between them
    Geometry pin = Outline.FACTORY.toGeometry(new Envelope(-0.5, 0.5, -0.5, 0.5));
    assertThat(Shapes.gap(pin, pair)).isCloseTo(239.5, within(1e-9));
  }
}
