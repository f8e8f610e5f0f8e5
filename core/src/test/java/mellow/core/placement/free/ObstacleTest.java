package mellow.core.placement.free;

import static mellow.core.placement.Fronts.dimTurnSignal;
import static mellow.core.placement.Fronts.front;
import static mellow.core.placement.Fronts.named;
import static mellow.core.placement.Fronts.rules;
import static mellow.core.placement.Fronts.square;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellow.core.placement.Front;
import mellow.core.placement.KeepOut;
import mellow.core.placement.Lamp;
import mellow.core.placement.LampPair;
import mellow.core.placement.Light;
import mellow.core.placement.Outline;
import mellow.core.placement.Point;
import mellow.core.placement.Spot;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

class ObstacleTest {
  private static final Geometry EVERYWHERE =
      Outline.FACTORY.toGeometry(new Envelope(0, 900, 0, 1500));

  private static boolean isTaken(List<Obstacle> obstacles, double outMm, double heightMm) {
    Geometry place = Outline.FACTORY.createPoint(new Coordinate(outMm, heightMm));
    return obstacles.stream().anyMatch(one -> one.taken().intersects(place));
  }

  /** A dart: its rear corner lies within the hull of the others. */
  private static KeepOut dart(Random random, double clearanceMm) {
    double x = random.nextDouble(-500, 500);
    double y = random.nextDouble(300, 900);
    double wide = random.nextDouble(60, 160);
    double tall = random.nextDouble(60, 160);
    return new KeepOut(
        "dart",
        "tow eye",
        new Outline.Polygon(
            List.of(
                new Point(x - wide, y - tall),
                new Point(x, y - tall / 4),
                new Point(x + wide, y - tall),
                new Point(x, y + tall))),
        clearanceMm);
  }

  /** The geometry library measures how near the two come: that, and not a sum, is the reference. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void takesThePlacesAtWhichTheLampWouldComeTooNear(long seed) {
    Random random = new Random(seed);
    double away = seed % 3 == 0 ? 0 : random.nextDouble(5, 60);
    double spare = seed % 4 == 0 ? 7 : 0;
    KeepOut dart = dart(random, away);
    LampPair lamp =
        LampPair.mirrored(
            "it",
            "fog lamp",
            new Lamp(
                LampFunction.FRONT_FOG,
                List.of(
                    new Lamp.Head(
                        new Outline.Rectangle(
                            random.nextDouble(40, 180), random.nextDouble(40, 120)),
                        30,
                        -10)),
                Optional.empty(),
                Light.UNKNOWN,
                Optional.empty(),
                List.of()),
            new Spot(600, 500, 0));
    List<Obstacle> obstacles =
        Obstacle.of(
            new Front(1800, List.of(lamp), List.of(dart)), lamp, List.of(), spare, EVERYWHERE);
    int found = 0;
    for (int i = 0; i < 400; i++) {
      double out = random.nextDouble(0, 900);
      double height = random.nextDouble(0, 1500);
      double distance = Double.MAX_VALUE;
      double shared = 0;
      for (Side side : Side.values()) {
        Geometry there = Front.onVehicle(lamp.lamp().body(), side, new Spot(out, height, 0));
        distance = Math.min(distance, there.distance(dart.geometry()));
        shared = Math.max(shared, there.intersection(dart.geometry()).getArea());
      }
      double limit = away + spare;
      // a circle of 128 corners stands 0.03 % beyond itself; two that only touch are left out
      boolean clear = distance > limit * 1.001 + 1e-4;
      boolean near = limit > 0 ? distance < limit * 0.999 : shared > 0.01;
      if (clear || near) {
        assertThat(isTaken(obstacles, out, height))
            .as("%.1f out, %.1f up, %.3f mm apart", out, height, distance)
            .isEqualTo(near);
        found += near ? 1 : 0;
      }
    }
    assertThat(found).isPositive();
  }

  /**
   * UN R6 (from memory): a signal of category 1 is made for 40 mm or more from a fog lamp. Edges at
   * 450 and, of a lamp 60 wide, 30 inwards of its place: 520.
   */
  @Test
  void keepsALampOffTheTurnSignalByItsRule() {
    LampPair fog = square(LampFunction.FRONT_FOG, 60, 700, 700);
    Front front = front(1800, fog, dimTurnSignal(400, 700));
    List<RuleSet> road = List.of(rules("un-r48"));
    List<Obstacle> byRule = Obstacle.of(front, fog, road, 0, EVERYWHERE);
    assertThat(isTaken(byRule, 519.9, 700)).isTrue();
    assertThat(isTaken(byRule, 520.1, 700)).isFalse();
    List<Obstacle> spared = Obstacle.of(front, fog, road, 5, EVERYWHERE);
    assertThat(isTaken(spared, 524.9, 700)).isTrue();
    assertThat(isTaken(spared, 525.1, 700)).isFalse();
    // without a rule it only may not stand in the signal itself
    List<Obstacle> free = Obstacle.of(front, fog, List.of(), 0, EVERYWHERE);
    assertThat(isTaken(free, 479.9, 700)).isTrue();
    assertThat(isTaken(free, 480.1, 700)).isFalse();
  }

  /** 49 CFR 571.108 S7.10 (from memory): the lit edge 100 mm from the turn signal's middle. */
  @Test
  void measuresFromTheMiddleOfTheSignalWhereTheRuleDoes() {
    LampPair running = square(LampFunction.DRL, 60, 700, 700);
    List<RuleSet> sets = List.of(rules("us-fmvss-108"));
    List<Obstacle> obstacles =
        Obstacle.of(front(1800, running, dimTurnSignal(400, 700)), running, sets, 0, EVERYWHERE);
    assertThat(isTaken(obstacles, 400 + 100 + 30 - 0.2, 700)).isTrue();
    assertThat(isTaken(obstacles, 400 + 100 + 30 + 0.2, 700)).isFalse();
  }

  @Test
  void aPairIsNoObstacleToItselfAndWhatIsFarOffIsNone() {
    LampPair fog = square(LampFunction.FRONT_FOG, 60, 700, 400);
    LampPair low = named("low", square(LampFunction.DIPPED, 100, 300, 700));
    assertThat(Obstacle.of(front(1800, fog), fog, List.of(), 0, EVERYWHERE)).isEmpty();
    assertThat(Obstacle.of(front(1800, fog, low), fog, List.of(), 0, EVERYWHERE))
        .isNotEmpty()
        .allSatisfy(one -> assertThat(one.name()).isEqualTo(low.name()));
    Geometry below = Outline.FACTORY.toGeometry(new Envelope(0, 900, 0, 500));
    assertThat(Obstacle.of(front(1800, fog, low), fog, List.of(), 0, below)).isEmpty();
  }
}
