package mellow.core.harness;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Part;
import mellow.core.circuit.Point;
import mellow.core.circuit.Solution;
import mellow.core.circuit.Solver;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Margin;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;

/**
 * A circuit solved in several states, and the questions that all judges ask of it.
 *
 * @param solutions one a state of the controls
 * @param laying how its wires lie
 */
record Solved(Circuit circuit, List<Solution> solutions, List<Point> starts, Laying laying) {
  static final Source RATED = Source.derived("the part's own rating");
  static final Source SOLVED = Source.derived("the solved circuit");

  /** Less is a leak. */
  static final double FLOWS_AMPS = 0.001;

  Solved {
    solutions = List.copyOf(solutions);
    starts = List.copyOf(starts);
  }

  static Solved of(Circuit circuit, List<Solution> solutions, Laying laying) {
    Solver solver = new Solver(circuit);
    return new Solved(
        circuit, solutions, solutions.stream().map(solver::starting).toList(), laying);
  }

  /** The largest value over all states; what is not finite is left out. */
  OptionalDouble worst(ToDoubleFunction<Solution> value) {
    return solutions.stream().mapToDouble(value).filter(Double::isFinite).max();
  }

  /** The most that flows for long through a branch, whichever way, A. */
  double mostAmps(Part part, int branch) {
    return worst(solution -> Math.abs(solution.average(point -> point.amps(part, branch))))
        .orElse(0);
  }

  /** The most that flows in the first moment of any state, A. */
  double mostStartingAmps(Part part) {
    return starts.stream().mapToDouble(point -> Math.abs(point.amps(part))).max().orElse(0);
  }

  /** A value and what it must not pass, of one quantity. */
  record Limit(Figure value, Figure most) {
    Margin margin() {
      double room = most.value();
      return Margin.of(new Figure(room - value.value(), value.quantity()), 0, room);
    }
  }

  static Finding upTo(String id, Limit limit, Source source, Sentence says, String remedy) {
    Finding finding = Finding.on(id, limit.margin(), source, says);
    return finding.verdict() == Verdict.OUT ? finding.withRemedy(Sentence.of(remedy)) : finding;
  }

  static Finding out(String id, String says) {
    return Finding.plain(id, Verdict.OUT, SOLVED, Sentence.of(says));
  }
}
