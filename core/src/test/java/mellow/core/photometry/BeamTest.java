package mellow.core.photometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import mellow.core.photometry.MountedBeam.Facing;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.lm63.BeamFile;
import mellow.core.photometry.lm63.Edition;
import mellow.core.photometry.lm63.Grid;
import mellow.core.photometry.lm63.Opening;
import mellow.core.photometry.lm63.PhotometricType;
import mellow.core.photometry.lm63.Tilt;
import mellow.core.photometry.shipped.ShippedBeam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BeamTest {
  private static double[] steps(double from, double to, double step) {
    return DoubleStream.iterate(from, v -> v <= to + 1e-9, v -> v + step).toArray();
  }

  private static BeamFile file(Grid grid) {
    return new BeamFile(
        Edition.LM_63_2002,
        List.of(),
        new Tilt.None(),
        new BeamFile.Source(1, OptionalDouble.empty()),
        new BeamFile.Factors(1, 1, 1),
        new Opening(0, 0, 0, false),
        grid,
        0);
  }

  /** I = peak × cos of the angle from the axis, in each type's own angles. */
  private static Beam cosine(PhotometricType type, double peak) {
    double[] vertical = type == PhotometricType.C ? steps(0, 90, 2) : steps(-90, 90, 2);
    double[] horizontal = type == PhotometricType.C ? new double[] {0} : steps(-90, 90, 2);
    double[][] candela = new double[horizontal.length][vertical.length];
    DoubleUnaryOperator cos = deg -> Math.max(0, Math.cos(Math.toRadians(deg)));
    for (int i = 0; i < horizontal.length; i++) {
      for (int j = 0; j < vertical.length; j++) {
        candela[i][j] = peak * cos.applyAsDouble(vertical[j]) * cos.applyAsDouble(horizontal[i]);
      }
    }
    return Beam.of(file(new Grid(type, vertical, horizontal, candela)));
  }

  /** A Lambertian face of peak I gives π × I lumens, and I × cos in each direction. */
  @ParameterizedTest
  @EnumSource
  void aPlainFaceIsTheSameInEachType(PhotometricType type) {
    Beam beam = cosine(type, 100);
    assertThat(beam.lumens()).isCloseTo(100 * Math.PI, within(0.2));
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      double h = random.nextDouble() * 120 - 60;
      double v = random.nextDouble() * 120 - 60;
      double expected = 100 * Math.cos(Math.toRadians(h)) * Math.cos(Math.toRadians(v));
      assertThat(beam.candela(h, v)).isCloseTo(expected, within(0.15));
    }
  }

  /** Types A and B name far corners differently: 40° aside and 40° up are not the same point. */
  @Test
  void typeBGoesRoundTheHorizontalAxis() {
    double[] axis = steps(-90, 90, 1);
    double[][] candela = new double[axis.length][axis.length];
    for (int i = 0; i < axis.length; i++) {
      for (int j = 0; j < axis.length; j++) {
        candela[i][j] = 100 + axis[j];
      }
    }
    Beam beam = Beam.of(file(new Grid(PhotometricType.B, axis, axis, candela)));
    double up =
        Math.toDegrees(Math.atan(Math.tan(Math.toRadians(40)) / Math.cos(Math.toRadians(40))));
    assertThat(beam.candela(40, 40)).isCloseTo(100 + up, within(0.01));
  }

  /** Half and quarter tables are completed by their mirrors. */
  @Test
  void aTableOfAPartIsCompleted() {
    double[] vertical = {0, 10, 20};
    Beam quarter =
        Beam.of(
            file(
                new Grid(
                    PhotometricType.C,
                    vertical,
                    new double[] {0, 90},
                    new double[][] {{9, 6, 3}, {9, 4, 1}})));
    assertThat(quarter.candela(10, 0)).isCloseTo(6, within(1e-9));
    assertThat(quarter.candela(-10, 0)).isCloseTo(6, within(1e-9));
    assertThat(quarter.candela(0, 10)).isCloseTo(4, within(1e-9));
    assertThat(quarter.candela(0, -10)).isCloseTo(4, within(1e-9));
    Beam left =
        Beam.of(
            file(
                new Grid(
                    PhotometricType.C,
                    vertical,
                    new double[] {90, 180, 270},
                    new double[][] {{9, 4, 1}, {9, 6, 3}, {9, 5, 2}})));
    assertThat(left.candela(10, 0)).isCloseTo(6, within(1e-9));
    assertThat(left.candela(0, 10)).isCloseTo(4, within(1e-9));
    assertThat(left.candela(0, -10)).isCloseTo(5, within(1e-9));
    Beam right =
        Beam.of(
            file(
                new Grid(
                    PhotometricType.A,
                    new double[] {-10, 0, 10},
                    new double[] {0, 10, 90},
                    new double[][] {{1, 9, 1}, {0, 4, 0}, {0, 0, 0}})));
    assertThat(right.candela(-10, 0)).isEqualTo(4);
  }

  /** Between its knots a beam is exact on them and never outside the four around it. */
  @Test
  void nothingOvershoots() {
    Random random = new Random(11);
    double[] h = {-9, -5, -4, -1, 0, 0.5, 3, 8};
    double[] v = {-6, -3, -2.5, -1, 0, 2, 7};
    double[][] candela = new double[h.length][v.length];
    for (double[] column : candela) {
      for (int j = 0; j < column.length; j++) {
        column[j] = Math.pow(10, random.nextDouble() * 4);
      }
    }
    Beam beam = Beam.of(file(new Grid(PhotometricType.A, v, h, candela)));
    for (int i = 0; i + 1 < h.length; i++) {
      for (int j = 0; j + 1 < v.length; j++) {
        assertThat(beam.candela(h[i], v[j])).isCloseTo(candela[i][j], within(1e-9));
        double[] corners = {
          candela[i][j], candela[i + 1][j], candela[i][j + 1], candela[i + 1][j + 1]
        };
        double least = DoubleStream.of(corners).min().orElseThrow();
        double most = DoubleStream.of(corners).max().orElseThrow();
        for (int trial = 0; trial < 40; trial++) {
          double x = h[i] + random.nextDouble() * (h[i + 1] - h[i]);
          double y = v[j] + random.nextDouble() * (v[j + 1] - v[j]);
          assertThat(beam.candela(x, y)).isBetween(least - 1e-9, most + 1e-9);
        }
      }
    }
    assertThat(beam.candela(20, 0)).isZero();
  }

  /** E = I ÷ d² × cos: 900 cd at 3 m are 100 lx; lying 1 m below and 3 m ahead, by hand. */
  @Test
  void illuminanceIsIntensityOverDistanceSquared() {
    MountedBeam lamp =
        new MountedBeam(cosine(PhotometricType.C, 900), Mounting.level(new Place(0, 0, 1000)));
    assertThat(lamp.lux(0, 3000, 1000, Facing.BACKWARD)).isCloseTo(100, within(1e-6));
    // d² = 10 m², cosine from the axis 3 ÷ √10, onto the road 1 ÷ √10
    assertThat(lamp.lux(0, 3000, 0, Facing.UP))
        .isCloseTo(900 * (3 / Math.sqrt(10)) / 10 / Math.sqrt(10), within(0.02));
    assertThat(lamp.lux(0, -3000, 1000, Facing.BACKWARD)).isZero();
  }

  /** What a lamp throws straight ahead goes where it is turned: up, right, and rolled. */
  @Test
  void aTurnedLampThrowsItsLightElsewhere() {
    Beam beam = Beam.of(ShippedBeam.SPOT.file());
    Place place = new Place(600, 0, 700);
    double straight = beam.candela(0, 0);
    double distance = 25_000;
    MountedBeam turned = new MountedBeam(beam, new Mounting(place, -2, 3, 0));
    Place there =
        new Place(
            600 - distance * Math.tan(Math.toRadians(3)),
            distance,
            700 - distance * Math.tan(Math.toRadians(2)) / Math.cos(Math.toRadians(3)));
    assertThat(turned.candela(there)).isCloseTo(straight, within(straight * 1e-9));
    // rolled by 90° with its left end up: what went to the left goes up
    MountedBeam rolled = new MountedBeam(beam, new Mounting(place, 0, 0, 90));
    double up = distance * Math.tan(Math.toRadians(4));
    assertThat(rolled.candela(new Place(600, distance, 700 + up)))
        .isCloseTo(beam.candela(-4, 0), within(1e-6));
  }

  /**
   * The flux of an invented lamp is less than that of its source, and more than a quarter of it.
   */
  @ParameterizedTest
  @EnumSource
  void noLampGivesMoreThanItsSource(ShippedBeam lamp) {
    BeamFile file = lamp.file();
    double share = Beam.of(file).lumens() / file.source().lumens().orElseThrow();
    assertThat(share).isBetween(0.25, 0.95);
  }

  @Test
  void theMirrorOfAMirrorIsTheLamp() {
    Beam beam = Beam.of(ShippedBeam.PROJECTOR.file());
    assertThat(beam.mirrored().candela(3, -1)).isEqualTo(beam.candela(-3, -1));
    assertThat(beam.mirrored().mirrored().candela(3, -1)).isEqualTo(beam.candela(3, -1));
  }
}
