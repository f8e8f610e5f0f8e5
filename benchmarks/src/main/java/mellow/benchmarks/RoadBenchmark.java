package mellow.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import mellow.core.photometry.Beam;
import mellow.core.photometry.MountedBeam.Facing;
import mellow.core.photometry.Mounting.Place;
import mellow.core.photometry.road.Headlamps;
import mellow.core.photometry.road.RoadPicture;
import mellow.core.photometry.road.RoadShape;
import mellow.core.photometry.shipped.ShippedBeam;
import mellow.core.photometry.wall.BeamCutoff;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A road of 200 by 60 m, each quarter of a metre, lit by two lamps; and finding a beam's cutoff.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RoadBenchmark {
  private static final RoadPicture.Window WINDOW =
      new RoadPicture.Window(5_000, 200_000, 60_000, 250);

  private final Beam beam = Beam.of(ShippedBeam.REFLECTOR.file());
  private final BeamCutoff cutoff = BeamCutoff.of(beam, BeamCutoff.Flat.LEFT).orElseThrow();
  private final Headlamps pair =
      new Headlamps(
          List.of(600.0, -600.0).stream()
              .map(
                  x ->
                      Headlamps.aimed(
                          beam, cutoff, new Headlamps.Stand(new Place(x, 0, 700), -1, 0, 0)))
              .toList());

  @Benchmark
  public RoadPicture roadPicture() {
    return RoadPicture.of(pair, RoadShape.LEVEL, WINDOW, Facing.BACKWARD);
  }

  @Benchmark
  public Object cutoffOfABeam() {
    return BeamCutoff.of(beam, BeamCutoff.Flat.LEFT);
  }
}
