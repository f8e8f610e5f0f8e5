package mellow.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Situation;
import mellow.core.circuit.Solution;
import mellow.core.circuit.Solver;
import mellow.core.circuit.SpiceNetlist;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FeedPlanBook;

/**
 * All ready plans in all their states, by a general circuit simulator in one batch run and by ours:
 * both are given the parts, find their matrix and solve it. Ours also finds how the relays stand,
 * which the netlists already say.
 */
final class SpiceRatio {
  private static final int ROUNDS = 5;

  private record Point(Circuit circuit, Controls controls, String netlist) {}

  private SpiceRatio() {}

  static void run(Consumer<String> report) throws IOException, InterruptedException, FeedProblem {
    List<Point> points = points();
    double theirs = Double.POSITIVE_INFINITY;
    double ours = Double.POSITIVE_INFINITY;
    for (int round = 0; round < ROUNDS; round++) {
      ours = Math.min(ours, ours(points));
      theirs = Math.min(theirs, theirs(points));
    }
    report.accept(line("spice_point %.1f us", theirs / points.size() / 1e3));
    report.accept(line("own_point %.1f us", ours / points.size() / 1e3));
    report.accept(line("spice_to_own %.0f times", theirs / ours));
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }

  private static List<Point> points() throws FeedProblem {
    List<Point> points = new ArrayList<>();
    for (FeedPlan plan : FeedPlanBook.all()) {
      PlannedFeed feed = PlannedFeed.usual(plan);
      for (Solution solution : feed.table().solutions()) {
        Situation now = new Situation(solution.controls(), solution.states(), Set.of());
        String netlist = SpiceNetlist.of(feed.circuit(), now, plan.id());
        points.add(new Point(feed.circuit(), solution.controls(), netlist));
      }
    }
    return points;
  }

  private static double ours(List<Point> points) {
    long began = System.nanoTime();
    for (Point point : points) {
      new Solver(point.circuit()).solve(point.controls());
    }
    return System.nanoTime() - began;
  }

  private static double theirs(List<Point> points) throws IOException, InterruptedException {
    Path directory = Files.createTempDirectory("mellow-spice");
    try {
      StringBuilder batch = new StringBuilder("* all points\n.control\n");
      for (int i = 0; i < points.size(); i++) {
        Files.writeString(
            directory.resolve(i + ".cir"), points.get(i).netlist().replace(".op\n", ""));
        batch.append("source ").append(i).append(".cir\nop\ndestroy all\nremcirc\n");
      }
      Files.writeString(directory.resolve("batch.cir"), batch + "quit\n.endc\n.end\n");
      long began = System.nanoTime();
      Process process =
          new ProcessBuilder("ngspice", "-b", "batch.cir")
              .directory(directory.toFile())
              .redirectErrorStream(true)
              .redirectOutput(directory.resolve("log").toFile())
              .start();
      process.waitFor();
      return System.nanoTime() - began;
    } finally {
      try (var files = Files.list(directory)) {
        for (Path file : files.toList()) {
          Files.delete(file);
        }
      }
      Files.delete(directory);
    }
  }
}
