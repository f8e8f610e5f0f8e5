package mellow.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Law;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.circuit.solve.SpiceNetlist;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.formats.FeedPlanBook;

/**
 * A circuit whose controls are turned again and again: the general circuit simulator keeps its
 * netlist, alters the contacts' resistances and solves; ours keeps its solver, and finds by itself
 * how the relays stand. Of each ready plan, the states that differ in contacts alone. Before
 * anything is timed, both are held against each other at every node.
 */
final class SpiceAltered {
  private static final int ROUNDS = 20;
  private static final int TURNS = 5;
  private static final int WARM_UP = 3_000;

  /** What an open contact has, beside the leak of 1 TΩ at each node: next to nothing. Ω. */
  private static final double OPEN_OHMS = 1e18;

  /** How far both may be apart at a node, V: beyond it, something else was solved. */
  private static final double SAME_VOLTS = 0.002;

  private static final Pattern NODE = Pattern.compile("(?m)^(n\\d+) = (\\S+)");

  /**
   * A plan that is turned through its states.
   *
   * @param netlist in the first of them
   * @param alters from each state's forerunner to it, the last one being the first one's
   */
  private record Ring(
      Circuit circuit, List<Solution> solutions, String netlist, List<String> alters) {
    int size() {
      return solutions.size();
    }
  }

  private SpiceAltered() {}

  static void run(Consumer<String> report) throws IOException, InterruptedException, FeedProblem {
    List<Ring> rings = new ArrayList<>();
    for (FeedPlan plan : FeedPlanBook.all()) {
      Ring ring = ring(PlannedFeed.usual(plan), plan.id());
      if (ring.size() > 1) {
        rings.add(ring);
      }
    }
    agree(rings);
    List<Solver> solvers = rings.stream().map(ring -> new Solver(ring.circuit())).toList();
    ours(rings, solvers, WARM_UP);
    double theirs = Double.POSITIVE_INFINITY;
    double ours = Double.POSITIVE_INFINITY;
    for (int turn = 0; turn < TURNS; turn++) {
      ours = Math.min(ours, ours(rings, solvers, ROUNDS));
      theirs = Math.min(theirs, theirs(rings, ROUNDS, "").nanos());
    }
    int points = ROUNDS * rings.stream().mapToInt(Ring::size).sum();
    report.accept(line("spice_altered_point %.1f us", theirs / points / 1e3));
    report.accept(line("own_kept_point %.1f us", ours / points / 1e3));
    report.accept(line("spice_altered_to_own %.0f times", theirs / ours));
  }

  private static String line(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }

  private static List<Law> laws(Circuit circuit, Solution solution) {
    Situation now = new Situation(solution.controls(), solution.states(), Set.of());
    List<Law> laws = new ArrayList<>();
    for (Part part : circuit.parts()) {
      for (int i = 0; i < part.branches().size(); i++) {
        laws.add(part.law(i, now));
      }
    }
    return laws;
  }

  private static boolean isContact(Law law) {
    return law instanceof Law.Resistance || law instanceof Law.Open;
  }

  private static double ohms(Law law) {
    return law instanceof Law.Resistance resistance ? resistance.ohms() : OPEN_OHMS;
  }

  private static Ring ring(PlannedFeed feed, String name) {
    Circuit circuit = feed.circuit();
    List<Solution> solutions = new ArrayList<>();
    List<List<Law>> laws = new ArrayList<>();
    for (Solution solution : feed.table().solutions()) {
      List<Law> now = laws(circuit, solution);
      if (laws.isEmpty() || differInContacts(laws.get(0), now)) {
        solutions.add(solution);
        laws.add(now);
      }
    }
    List<String> alters = new ArrayList<>();
    for (int i = 0; i < laws.size(); i++) {
      alters.add(altered(laws.get(i == 0 ? laws.size() - 1 : i - 1), laws.get(i)));
    }
    Situation first =
        new Situation(solutions.get(0).controls(), solutions.get(0).states(), Set.of());
    String netlist = SpiceNetlist.of(circuit, first, name).replace(".op\n", "");
    return new Ring(
        circuit,
        solutions,
        netlist.replace(".options", openContacts(circuit, laws.get(0)) + ".options"),
        alters);
  }

  private static boolean differInContacts(List<Law> first, List<Law> now) {
    for (int i = 0; i < now.size(); i++) {
      if (!first.get(i).equals(now.get(i)) && !(isContact(first.get(i)) && isContact(now.get(i)))) {
        return false;
      }
    }
    return true;
  }

  /** The netlist leaves out what is open: here it can be closed later. */
  private static String openContacts(Circuit circuit, List<Law> laws) {
    Map<String, String> nodes = SpiceNetlist.nodesOf(circuit);
    StringBuilder lines = new StringBuilder();
    int number = 0;
    for (Part part : circuit.parts()) {
      for (Branch branch : part.branches()) {
        if (laws.get(number++) instanceof Law.Open) {
          lines.append(
              line(
                  "R%d %s %s %.12g%n",
                  number, nodes.get(branch.from()), nodes.get(branch.to()), OPEN_OHMS));
        }
      }
    }
    return lines.toString();
  }

  private static String altered(List<Law> before, List<Law> now) {
    StringBuilder lines = new StringBuilder();
    for (int i = 0; i < now.size(); i++) {
      if (!before.get(i).equals(now.get(i))) {
        lines.append(line("alter r%d = %.12g%n", i + 1, ohms(now.get(i))));
      }
    }
    return lines.toString();
  }

  private static double ours(List<Ring> rings, List<Solver> solvers, int rounds) {
    long began = System.nanoTime();
    for (int i = 0; i < rings.size(); i++) {
      List<Controls> states = rings.get(i).solutions().stream().map(Solution::controls).toList();
      Solver solver = solvers.get(i);
      Solution before = solver.solve(states.get(states.size() - 1));
      for (int round = 0; round < rounds; round++) {
        for (Controls controls : states) {
          before = solver.solve(controls, before);
        }
      }
    }
    return System.nanoTime() - began;
  }

  private static SpiceBatch.Ran theirs(List<Ring> rings, int rounds, String afterEach)
      throws IOException, InterruptedException {
    StringBuilder commands = new StringBuilder();
    Map<String, String> files = new HashMap<>();
    for (int i = 0; i < rings.size(); i++) {
      Ring ring = rings.get(i);
      files.put(i + ".cir", ring.netlist());
      commands.append("source ").append(i).append(".cir\n");
      for (int point = 0; point < rounds * ring.size(); point++) {
        // the first one is as the netlist stands
        commands.append(point == 0 ? "" : ring.alters().get(point % ring.size()));
        commands.append("op\n").append(afterEach).append("destroy all\n");
      }
      commands.append("remcirc\n");
    }
    return SpiceBatch.run(commands.toString(), files);
  }

  /** Both find the same voltage of every node in every state, or the comparison is none. */
  private static void agree(List<Ring> rings) throws IOException, InterruptedException {
    String[] said = theirs(rings, 1, "print all\necho next\n").said().split("(?m)^next$");
    int point = 0;
    for (Ring ring : rings) {
      Map<String, String> nodes = SpiceNetlist.nodesOf(ring.circuit());
      for (Solution solution : ring.solutions()) {
        Map<String, Double> theirs = new HashMap<>();
        Matcher one = NODE.matcher(said[point++]);
        while (one.find()) {
          theirs.put(one.group(1), Double.parseDouble(one.group(2)));
        }
        nodes.forEach(
            (name, node) -> {
              double ours = solution.on().at(name);
              double other = node.equals("0") ? 0 : theirs.getOrDefault(node, Double.NaN);
              if (!(Math.abs(ours - other) <= SAME_VOLTS)) {
                throw new IllegalStateException(
                    line("%s: %.4f V by ours, %.4f V by the simulator", name, ours, other));
              }
            });
      }
    }
  }
}
