package mellow.core.photometry.eyes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellow.core.photometry.Beam;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.eyes.Glare.Source;
import mellow.core.photometry.road.Headlamps;
import mellow.core.photometry.road.Lane;
import mellow.core.photometry.road.RoadShape;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff;
import mellow.core.photometry.wall.BeamCutoff.Flat;
import mellow.core.vehicle.TrafficSide;
import org.junit.jupiter.api.Test;

class GlareTest {
  private static final Lane LANE = new Lane(TrafficSide.RIGHT, 3500);
  private static final Encounter USUAL = Encounter.usual(LANE);

  private static Headlamps one(String lamp, BeamCutoff cutoff, double percent, double x) {
    return new Headlamps(
        List.of(
            Headlamps.aimed(
                Beam.of(ShippedBeam.named(lamp).orElseThrow().file()),
                cutoff,
                new Headlamps.Stand(new Place(x, 0, 750), percent, 0, 0))));
  }

  private static BeamCutoff asMade() {
    return BeamCutoff.of(Beam.of(ShippedBeam.REFLECTOR.file()), Flat.LEFT).orElseThrow();
  }

  /** Worked by hand from the equations of CIE 146:2002 (from memory). */
  @Test
  void veilsByHand() {
    // 1 lx at 10°, young: 10 ÷ 100; at 70 years twice as much
    Glare far = new Glare(List.of(new Source(1, 10)));
    assertThat(far.stilesHolladay(0)).isCloseTo(0.1, within(1e-12));
    assertThat(far.stilesHolladay(70)).isCloseTo(0.2, within(1e-12));
    // at 2°: 10 ÷ 8 + 5 ÷ 4
    assertThat(new Glare(List.of(new Source(1, 2))).smallAngles(0)).isCloseTo(2.5, within(1e-12));
    // both lie together at 2°, where either holds
    assertThat(new Glare(List.of(new Source(1, 2))).stilesHolladay(0))
        .isCloseTo(2.5, within(1e-12));
    // two lamps veil as much as both together
    assertThat(new Glare(List.of(new Source(1, 2), new Source(1, 10))).stilesHolladay(0))
        .isCloseTo(2.6, within(1e-12));
  }

  /** Schmidt-Clausen and Bindels by hand: at 1 cd/m² and 1°, 0.118 lx are "just admissible" (5). */
  @Test
  void discomfortByHand() {
    // 0.003 × (1 + √(1 ÷ 0.04)) × 60^0.46 = 0.003 × 6 × 6.576
    Glare glare = new Glare(List.of(new Source(0.11837, 1)));
    assertThat(glare.deBoer(1)).isCloseTo(5, within(0.001));
    assertThat(new Glare(List.of(new Source(1.1837, 1))).deBoer(1)).isCloseTo(3, within(0.001));
  }

  /** The eye of an oncoming driver at 50 m is the point B50L of UN R112 (from memory). */
  @Test
  void theOncomingEyeAtFiftyMetresIsB50L() {
    Place eye = USUAL.eye(RoadShape.LEVEL, 50_000);
    assertThat(Math.toDegrees(Math.atan(eye.xMm() / 50_000))).isCloseTo(3.43, within(0.01));
    assertThat(Math.toDegrees(Math.atan((eye.zMm() - 750) / 50_000))).isCloseTo(0.57, within(0.01));
    Headlamps lamp = one("reflector", asMade(), -1, 0);
    double candela = Beam.of(ShippedBeam.REFLECTOR.file()).candela(-3.43, 0.573);
    assertThat(USUAL.oncoming(lamp, RoadShape.LEVEL, 50_000).lux())
        .isCloseTo(candela / 2500, within(candela / 2500 * 0.02));
    Place leftTraffic =
        Encounter.usual(new Lane(TrafficSide.LEFT, 3500)).eye(RoadShape.LEVEL, 50_000);
    assertThat(leftTraffic.xMm()).isEqualTo(-eye.xMm());
  }

  /** What the trade knows: an arc in a bowl made for a filament, and a beam aimed up, dazzle. */
  @Test
  void aWrongSourceAndAWrongAimDazzle() {
    double right =
        USUAL.oncoming(one("reflector", asMade(), -1, 600), RoadShape.LEVEL, 50_000).lux();
    Headlamps arc = one("reflector-arc", asMade(), -1, 600);
    Headlamps up = one("reflector", asMade(), 1.5, 600);
    assertThat(USUAL.oncoming(arc, RoadShape.LEVEL, 50_000).lux()).isGreaterThan(5 * right);
    assertThat(USUAL.oncoming(up, RoadShape.LEVEL, 50_000).lux()).isGreaterThan(5 * right);
    assertThat(USUAL.oncoming(up, RoadShape.LEVEL, 50_000).deBoer(1))
        .isLessThan(
            USUAL.oncoming(one("reflector", asMade(), -1, 600), RoadShape.LEVEL, 50_000).deBoer(1));
    assertThat(USUAL.mirrorLux(up, RoadShape.LEVEL, Encounter.Mirror.INSIDE, 20_000))
        .isGreaterThan(
            USUAL.mirrorLux(
                one("reflector", asMade(), -1, 600),
                RoadShape.LEVEL,
                Encounter.Mirror.INSIDE,
                20_000));
  }
}
