package mellow.core.feed.sheet;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.circuit.Branch;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.Load;
import mellow.core.circuit.Moving;
import mellow.core.circuit.Part;
import mellow.core.circuit.Supply;
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solver;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.finding.Figure;
import mellow.core.finding.Sentence;
import mellow.core.finding.Working;
import mellow.core.finding.Working.Line;

/**
 * How the voltage of a node comes about: what stands at the battery, less what each part on the way
 * takes; or, behind the loads, what each part on the way to ground lifts it by.
 *
 * @param volts of the node against the battery's own negative post
 * @param working from the battery, or from ground, to the node; empty where nothing leads there
 */
public record NodeWorking(Figure volts, Working working) {
  /** Less across a contact or a wire is no open one. */
  private static final double FLOWS_AMPS = 1e-9;

  /** A step of the way: through which part, from which node. */
  private record Step(Part part, int branch, String from) {}

  /**
   * The working in one position of the controls, with everything that is pulsed closed.
   *
   * @throws FeedProblem where the circuit has no such node
   */
  public static NodeWorking of(PlannedFeed feed, Controls controls, String node)
      throws FeedProblem {
    boolean known =
        feed.circuit().parts().stream()
            .flatMap(part -> part.branches().stream())
            .anyMatch(branch -> branch.from().equals(node) || branch.to().equals(node));
    if (!known) {
      throw new FeedProblem("node", FeedWords.noPoint(node));
    }
    Point point = new Solver(feed.circuit()).solve(controls).on();
    Figure volts = Figure.volts(point.at(node));
    for (Supply supply : feed.circuit().of(Supply.class).toList()) {
      List<Step> way = way(feed.circuit(), point, supply.plus(), node);
      if (!way.isEmpty() || supply.plus().equals(node)) {
        return new NodeWorking(volts, lines(FeedWords.battery(), supply.plus(), way, point, node));
      }
    }
    List<Step> way = way(feed.circuit(), point, Circuit.GROUND, node);
    return new NodeWorking(
        volts,
        way.isEmpty()
            ? Working.NONE
            : lines(FeedWords.negativePost(), Circuit.GROUND, way, point, node));
  }

  private static Working lines(
      Sentence start, String startNode, List<Step> way, Point point, String node) {
    List<Line> lines = new ArrayList<>();
    lines.add(Working.read(start, Figure.volts(point.at(startNode))));
    String at = startNode;
    for (Step step : way) {
      Branch branch = step.part().branches().get(step.branch());
      String next = branch.from().equals(at) ? branch.to() : branch.from();
      Figure before = Figure.volts(point.at(at));
      Figure change = Figure.volts(point.at(next) - point.at(at));
      lines.add(
          new Line(
              Sentence.typed(step.part().id()),
              change.value() > 0 ? FeedWords.lifts() : FeedWords.takes(),
              Sentence.of(
                  change.value() > 0 ? "{0} + {1}" : "{0} − {1}", before, change.magnitude()),
              Figure.volts(point.at(next))));
      at = next;
    }
    return new Working(lines);
  }

  /** The shortest way from one node to another through what conducts and is no load. */
  private static List<Step> way(Circuit circuit, Point point, String start, String end) {
    Map<String, Step> reached = new HashMap<>();
    Deque<String> open = new ArrayDeque<>(List.of(start));
    while (!open.isEmpty() && !reached.containsKey(end)) {
      String node = open.pop();
      steps(circuit, point, node)
          .forEach(
              (next, step) -> {
                if (!next.equals(start) && reached.putIfAbsent(next, step) == null) {
                  open.add(next);
                }
              });
    }
    List<Step> way = new ArrayList<>();
    for (String at = end; reached.containsKey(at) && !at.equals(start); ) {
      Step step = reached.get(at);
      way.add(0, step);
      at = step.from();
    }
    return way;
  }

  private static Map<String, Step> steps(Circuit circuit, Point point, String node) {
    Map<String, Step> steps = new LinkedHashMap<>();
    for (Part part : circuit.parts()) {
      if (part instanceof Supply || part instanceof Emitter || part instanceof Load) {
        continue;
      }
      List<Branch> branches = part.branches();
      for (int i = 0; i < branches.size(); i++) {
        Branch branch = branches.get(i);
        boolean here = branch.from().equals(node) || branch.to().equals(node);
        if (!isInput(part, branch) && here && Math.abs(point.amps(part, i)) > FLOWS_AMPS) {
          String next = branch.from().equals(node) ? branch.to() : branch.from();
          steps.putIfAbsent(next, new Step(part, i, node));
        }
      }
    }
    return steps;
  }

  /** What a part takes for itself leads nowhere. */
  private static boolean isInput(Part part, Branch branch) {
    if (part instanceof Moving.Relay) {
      return branch.name().equals("coil") || branch.name().equals("suppression");
    } else if (part instanceof Moving.RunningLampModule) {
      return !branch.name().equals("out");
    }
    return part instanceof Moving.Controller && branch.name().equals("itself");
  }
}
