package mellow.benchmarks;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import mellow.core.circuit.Controls;
import mellow.core.fault.CheckTable;
import mellow.core.fault.Hypotheses;
import mellow.core.fault.Hypothesis;
import mellow.core.fault.NextCheck;
import mellow.core.fault.SimulatedVehicle;
import mellow.core.fault.Suspects;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FactoryBook;
import mellow.core.formats.FeedPlanBook;

/**
 * The table of checks of the largest circuit and of a factory circuit, and the choice of the next
 * check after each answer of a hunt, warmed up, on one thread.
 */
final class HuntRun {
  private static final int ROUNDS = 12;
  private static final int MEASURED = 5;
  private static final int PAIRS = 500;
  private static final int HUNTS = 20;
  private static final int CHECKS = 10;

  private HuntRun() {}

  static void run(Consumer<String> report) throws FeedProblem {
    table("pods", FeedPlanBook.byId("aux-pods").orElseThrow(), report);
    CheckTable table =
        table("factory_fog", FactoryBook.byId("factory-fog-discharge").orElseThrow(), report);
    next(table, FactoryBook.byId("factory-fog-discharge").orElseThrow(), report);
  }

  private static CheckTable table(String name, FeedPlan plan, Consumer<String> report)
      throws FeedProblem {
    PlannedFeed feed = PlannedFeed.usual(plan);
    List<Controls> states = controls(plan);
    List<Hypothesis> hypotheses = Hypotheses.withPairs(feed.circuit(), PAIRS);
    CheckTable made = CheckTable.of(feed.circuit(), states, hypotheses);
    double best = Double.POSITIVE_INFINITY;
    for (int round = 0; round < ROUNDS; round++) {
      long began = System.nanoTime();
      made = CheckTable.of(feed.circuit(), states, hypotheses);
      if (round >= ROUNDS - MEASURED) {
        best = Math.min(best, System.nanoTime() - began);
      }
    }
    report.accept(line("hunt_table_" + name + " %.0f ms", best / 1e6));
    report.accept(line("hunt_table_" + name + "_hypotheses %.0f", hypotheses.size()));
    return made;
  }

  private static List<Controls> controls(FeedPlan plan) {
    return plan.states().stream().map(DrivingState::controls).toList();
  }

  private static void next(CheckTable table, FeedPlan plan, Consumer<String> report)
      throws FeedProblem {
    PlannedFeed feed = PlannedFeed.usual(plan);
    Random random = new Random(1);
    List<Hypothesis> known = table.hypotheses().stream().filter(Hypothesis::isInTheModel).toList();
    double[] times = new double[HUNTS * CHECKS];
    // twice: the first time warms it up
    for (int i = 0; i < 2 * times.length; i += CHECKS) {
      Hypothesis hidden = known.get(random.nextInt(known.size()));
      SimulatedVehicle vehicle =
          new SimulatedVehicle(feed.circuit(), controls(plan), hidden, 0, random);
      Suspects suspects = Suspects.before(table);
      for (int check = 0; check < CHECKS; check++) {
        long began = System.nanoTime();
        NextCheck next = NextCheck.of(suspects, one -> one.minutes(), one -> true).orElse(null);
        times[(i + check) % times.length] = System.nanoTime() - began;
        if (next != null) {
          suspects = suspects.after(next.place(), vehicle.show(List.of(next.check())).get(0));
        }
      }
    }
    Arrays.sort(times);
    report.accept(line("hunt_next_p50 %.2f ms", times[times.length / 2] / 1e6));
    report.accept(line("hunt_next_p95 %.2f ms", times[times.length * 95 / 100] / 1e6));
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }
}
