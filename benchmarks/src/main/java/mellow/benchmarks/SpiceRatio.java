package mellow.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Situation;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.circuit.solve.SpiceNetlist;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FeedPlanBook;

/**
 * All ready plans in all their states, by a general circuit simulator in one batch run and by ours,
 * warmed up, one solver a plan, each state from its neighbour. Ours also finds how the relays
 * stand, which the netlists already say; the simulator reads a file for each point.
 */
final class SpiceRatio {
  private static final int ROUNDS = 5;
  private static final int WARM_UP = 300;

  /** A plan with the states that it is proved in. */
  private record Plan(Circuit circuit, List<Controls> states, List<String> netlists) {}

  private SpiceRatio() {}

  static void run(Consumer<String> report) throws IOException, InterruptedException, FeedProblem {
    List<Plan> plans = plans();
    for (int round = 0; round < WARM_UP; round++) {
      ours(plans);
    }
    double theirs = Double.POSITIVE_INFINITY;
    double ours = Double.POSITIVE_INFINITY;
    for (int round = 0; round < ROUNDS; round++) {
      ours = Math.min(ours, ours(plans));
      theirs = Math.min(theirs, theirs(plans));
    }
    int points = plans.stream().mapToInt(plan -> plan.states().size()).sum();
    report.accept(line("spice_point %.1f us", theirs / points / 1e3));
    report.accept(line("own_point %.1f us", ours / points / 1e3));
    report.accept(line("spice_to_own %.0f times", theirs / ours));
  }

  private static String line(String format, double value) {
    return String.format(Locale.ROOT, format, value);
  }

  private static List<Plan> plans() throws FeedProblem {
    List<Plan> plans = new ArrayList<>();
    for (FeedPlan plan : FeedPlanBook.all()) {
      PlannedFeed feed = PlannedFeed.usual(plan);
      List<Controls> states = new ArrayList<>();
      List<String> netlists = new ArrayList<>();
      for (Solution solution : feed.table().solutions()) {
        Situation now = new Situation(solution.controls(), solution.states(), Set.of());
        states.add(solution.controls());
        netlists.add(SpiceNetlist.of(feed.circuit(), now, plan.id()));
      }
      plans.add(new Plan(feed.circuit(), states, netlists));
    }
    return plans;
  }

  private static double ours(List<Plan> plans) {
    long began = System.nanoTime();
    for (Plan plan : plans) {
      Solver solver = new Solver(plan.circuit());
      Solution before = solver.solve(plan.states().get(0));
      for (Controls controls : plan.states().subList(1, plan.states().size())) {
        before = solver.solve(controls, before);
      }
    }
    return System.nanoTime() - began;
  }

  private static double theirs(List<Plan> plans) throws IOException, InterruptedException {
    List<String> netlists = plans.stream().flatMap(plan -> plan.netlists().stream()).toList();
    StringBuilder commands = new StringBuilder();
    Map<String, String> files = new HashMap<>();
    for (int i = 0; i < netlists.size(); i++) {
      files.put(i + ".cir", netlists.get(i).replace(".op\n", ""));
      commands.append("source ").append(i).append(".cir\nop\ndestroy all\nremcirc\n");
    }
    return SpiceBatch.run(commands.toString(), files).nanos();
  }
}
