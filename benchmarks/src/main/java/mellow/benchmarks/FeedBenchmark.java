package mellow.benchmarks;

import java.util.Comparator;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mellow.core.circuit.check.StateTable;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.sheet.FeedSheet;
import mellow.core.formats.FeedPlanBook;
import mellow.core.vehicle.MarkFamily;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The largest of the ready plans: all its states solved, and all that is said of them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FeedBenchmark {
  private final PlannedFeed largest =
      FeedPlanBook.all().stream()
          .map(
              plan -> {
                try {
                  return PlannedFeed.usual(plan);
                } catch (FeedProblem problem) {
                  throw new IllegalStateException(problem);
                }
              })
          .max(
              Comparator.comparingInt(
                  feed -> feed.circuit().parts().size() * feed.plan().states().size()))
          .orElseThrow();

  @Benchmark
  public StateTable feedStateTable() {
    return largest.table();
  }

  @Benchmark
  public FeedSheet feedSheet() throws FeedProblem {
    return FeedSheet.of(largest, Optional.of(MarkFamily.UN));
  }
}
