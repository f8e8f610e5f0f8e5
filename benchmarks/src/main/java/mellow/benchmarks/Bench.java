package mellow.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs every measurement; prints one figure a line and writes them to a file. */
public final class Bench {
  private Bench() {}

  /**
   * @param args the file to write, the application's jar and its options, and which parts to
   *     measure; all of them, and only then into the file, where none is named
   */
  public static void main(String[] args) throws Exception {
    List<String> lines = new ArrayList<>();
    Parts parts = new Parts(List.of(args).subList(3, args.length));
    if (parts.wants("core")) {
      core(lines);
    }
    if (parts.wants("spice")) {
      SpiceRatio.run(line -> report(lines, line));
      SpiceAltered.run(line -> report(lines, line));
    }
    if (parts.wants("hunt")) {
      HuntRun.run(line -> report(lines, line));
    }
    new LoadRun(Path.of(args[1]), Path.of(args[2]), parts, line -> report(lines, line)).run();
    if (parts.isAll()) {
      Files.write(Path.of(args[0]), lines);
    }
  }

  private static void core(List<String> lines) throws RunnerException {
    for (RunResult result :
        new Runner(
                new OptionsBuilder()
                    .include(AimBenchmark.class.getSimpleName())
                    .include(PlaceBenchmark.class.getSimpleName())
                    .include(CircuitBenchmark.class.getSimpleName())
                    .include(RoadBenchmark.class.getSimpleName())
                    .include(FeedBenchmark.class.getSimpleName())
                    .verbosity(VerboseMode.SILENT)
                    .build())
            .run()) {
      String name = result.getPrimaryResult().getLabel();
      report(
          lines,
          String.format(
              Locale.ROOT, "%s %.3f us", snake(name), result.getPrimaryResult().getScore()));
    }
  }

  private static void report(List<String> lines, String line) {
    System.out.println(line);
    lines.add(line);
  }

  private static String snake(String camel) {
    return camel.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
  }
}
