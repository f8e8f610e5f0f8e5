package mellow.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import mellow.core.aim.Adjuster;
import mellow.core.aim.FloorPlane;
import mellow.core.aim.MarkStyle;
import mellow.core.aim.School;
import mellow.core.aim.WallInput;
import mellow.core.aim.wall.SchoolTable;
import mellow.core.aim.wall.WallSheet;
import mellow.core.formats.BuiltInRules;
import mellow.core.logbook.JobSetup;
import mellow.core.logbook.Logbook;
import mellow.core.logbook.Reading;
import mellow.core.logbook.ReadingKind;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TrafficSide;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The plane fit, the plan of the marks, and the judgement of read cutoffs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class AimBenchmark {
  private static final List<Reading> FLOOR =
      List.of(
          of(ReadingKind.PLAN_FRONT_TYRES, 8520),
          of(ReadingKind.PLAN_WHEELBASE, 2500),
          of(ReadingKind.PLAN_TRACK, 1600),
          of(ReadingKind.FLOOR_FRONT_LEFT, 0),
          of(ReadingKind.FLOOR_FRONT_RIGHT, 1),
          of(ReadingKind.FLOOR_REAR_LEFT, 9),
          of(ReadingKind.FLOOR_REAR_RIGHT, 11),
          on(ReadingKind.FOOT, Side.LEFT, -5),
          on(ReadingKind.FOOT, Side.RIGHT, -4));

  private static final List<Reading> LAMPS =
      List.of(
          on(ReadingKind.DISTANCE, Side.LEFT, 7600),
          on(ReadingKind.DISTANCE, Side.RIGHT, 7640),
          on(ReadingKind.CENTRE, Side.LEFT, 668),
          on(ReadingKind.CENTRE, Side.RIGHT, 671),
          on(ReadingKind.LOWER_EDGE, Side.LEFT, 600),
          on(ReadingKind.LOWER_EDGE, Side.RIGHT, 601),
          of(ReadingKind.SPACING, 1200));

  private static final List<Reading> CUTOFFS =
      List.of(
          on(ReadingKind.CUTOFF_BELOW, Side.LEFT, 70),
          on(ReadingKind.CUTOFF_BELOW, Side.RIGHT, -18),
          turn(1),
          on(ReadingKind.CUTOFF_BELOW, Side.RIGHT, 18),
          on(ReadingKind.STEP_LEFT, Side.LEFT, 4),
          on(ReadingKind.STEP_LEFT, Side.RIGHT, -6));

  private final List<FloorPlane.Point> points =
      List.of(
          new FloorPlane.Point(800, -8520, 0),
          new FloorPlane.Point(-800, -8520, 1),
          new FloorPlane.Point(800, -11020, 9),
          new FloorPlane.Point(-800, -11020, 11));
  private final Logbook bay = new Logbook(FLOOR);
  private final WallInput planned = new Logbook(LAMPS).wall(setup(), bay);
  private final WallInput read =
      new Logbook(Stream.concat(LAMPS.stream(), CUTOFFS.stream()).toList()).wall(setup(), bay);

  private static JobSetup setup() {
    RuleSet market = BuiltInRules.byId("un-r48").orElseThrow();
    return new JobSetup(
        TrafficSide.RIGHT,
        market,
        VehicleScope.OPEN,
        BuiltInRules.ofAim().stream().filter(set -> set != market).toList(),
        School.RULE,
        OptionalDouble.of(-1.2),
        false,
        false,
        MarkStyle.Edge.UPPER,
        25,
        MarkStyle.Origin.MEASURED,
        BeamClass.UN_DIPPED,
        Optional.empty(),
        false,
        false,
        List.of(
            new Adjuster(
                "v",
                Side.RIGHT,
                LampKind.DIPPED,
                Adjuster.Axis.VERTICAL,
                "",
                "",
                Adjuster.Reach.ALWAYS,
                OptionalDouble.empty())));
  }

  private static Reading of(ReadingKind kind, double value) {
    return new Reading(kind, value, 1, LampKind.DIPPED, Optional.empty(), Optional.empty());
  }

  private static Reading on(ReadingKind kind, Side side, double value) {
    return new Reading(kind, value, 1, LampKind.DIPPED, Optional.of(side), Optional.empty());
  }

  private static Reading turn(double turns) {
    return new Reading(
        ReadingKind.TURN, turns, 0, LampKind.DIPPED, Optional.of(Side.RIGHT), Optional.of("v"));
  }

  /** Least squares through four tyres, and the plane at the wall. */
  @Benchmark
  public double planeFit() {
    return FloorPlane.fit(points).orElseThrow().heightMm(600, 0);
  }

  /** Six schools under four rule sets, side by side. */
  @Benchmark
  public List<SchoolTable> schools() {
    return SchoolTable.of(planned);
  }

  /** The whole sheet before anything is read: floor, squareness, marks. */
  @Benchmark
  public WallSheet plan() {
    return WallSheet.of(planned);
  }

  /** The whole sheet with cutoffs, a turn and steps read. */
  @Benchmark
  public WallSheet planAndJudgement() {
    return WallSheet.of(read);
  }
}
