package mellow.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import mellow.core.formats.BuiltInRules;
import mellow.core.placement.Front;
import mellow.core.placement.KeepOut;
import mellow.core.placement.Lamp;
import mellow.core.placement.LampPair;
import mellow.core.placement.Outline;
import mellow.core.placement.PlaceSheet;
import mellow.core.placement.Point;
import mellow.core.placement.Spot;
import mellow.core.placement.free.NearestPlace;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A front with four pairs and two things in the way: judged by three rule sets, and moved. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PlaceBenchmark {
  private final List<RuleSet> sets =
      List.of("un-r48", "fitters", "us-ca-24403").stream()
          .map(id -> BuiltInRules.byId(id).orElseThrow())
          .toList();
  private final LampPair fog = pair("fog", LampFunction.FRONT_FOG, 90, 520, 230);
  private final Front front =
      new Front(
          1780,
          List.of(
              fog,
              pair("low", LampFunction.DIPPED, 140, 640, 690),
              pair("drl", LampFunction.DRL, 60, 560, 470),
              pair("turn", LampFunction.TURN, 80, 780, 640)),
          List.of(inTheWay("eye", 430, 300), inTheWay("duct", -620, 340)));

  private static LampPair pair(
      String id, LampFunction function, double sizeMm, double outMm, double heightMm) {
    Lamp lamp = Lamp.of(function, new Outline.Ellipse(sizeMm, sizeMm));
    return LampPair.mirrored(id, id, lamp, new Spot(outMm, heightMm, 2));
  }

  private static KeepOut inTheWay(String id, double left, double height) {
    return new KeepOut(
        id,
        id,
        new Outline.Polygon(
            List.of(
                new Point(left, height),
                new Point(left + 90, height),
                new Point(left + 90, height + 40),
                new Point(left + 30, height + 40),
                new Point(left + 30, height + 90),
                new Point(left, height + 90))),
        20);
  }

  @Benchmark
  public PlaceSheet placeJudgement() {
    return PlaceSheet.of(front, sets, 1);
  }

  @Benchmark
  public NearestPlace nearestPlace() {
    return NearestPlace.of(front, fog, sets, 1);
  }
}
