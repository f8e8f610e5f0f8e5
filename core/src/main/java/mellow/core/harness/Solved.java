package mellow.core.harness;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;
import mellow.core.circuit.solve.Point;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Margin;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;

/**
 * A circuit solved in several states, and the questions that all judges ask of it.
 *
 * @param solutions one a state of the controls
 * @param laying how its wires lie
 */
record Solved(Circuit circuit, List<Solution> solutions, List<Start> starts, Laying laying) {
  static final Source RATED = Source.derived(HarnessWords.srcRated());
  static final Source SOLVED = Source.derived(HarnessWords.srcSolved());

  /** Less is a leak. */
  static final double FLOWS_AMPS = 0.001;

  Solved {
    solutions = List.copyOf(solutions);
    starts = List.copyOf(starts);
  }

  static Solved of(Circuit circuit, List<Solution> solutions, Laying laying) {
    Solver solver = new Solver(circuit);
    return new Solved(
        circuit,
        solutions,
        solutions.stream()
            .map(
                solution ->
                    new Start(
                        solver.starting(solution, Situation.Start.COLD),
                        solver.starting(solution, Situation.Start.STRIKING),
                        solution))
            .toList(),
        laying);
  }

  /**
   * The start of a state.
   *
   * @param cold its first moment: filaments are cold, and discharge lamps strike
   * @param striking some tens of milliseconds later: filaments are hot, discharge lamps still
   *     strike
   * @param running what follows
   */
  record Start(Point cold, Point striking, Solution running) {}

  /** The largest value over all states; what is not finite is left out. */
  OptionalDouble worst(ToDoubleFunction<Solution> value) {
    return solutions.stream().mapToDouble(value).filter(Double::isFinite).max();
  }

  /** The most that warms a fuse or a wire for long, whichever way it flows: effective A. */
  double mostAmps(Part part, int branch) {
    return worst(solution -> solution.effective(point -> point.amps(part, branch))).orElse(0);
  }

  /** The most that a contact bears while it is closed: effective A of the lit part of a flash. */
  double mostContactAmps(Part part, int branch) {
    return worst(solution -> solution.effectiveLit(point -> point.amps(part, branch))).orElse(0);
  }

  /** A value and what it must not pass, of one quantity. */
  record Held(Figure value, Figure most) {
    Margin margin() {
      return Margin.upTo(most, value.value(), 0);
    }
  }

  static Finding upTo(FindingKey key, Held held, Source source, Sentence says, Remedy remedy) {
    Finding finding = Finding.on(key, held.margin(), source, says);
    return finding.verdict() == Verdict.OUT ? finding.withRemedy(remedy) : finding;
  }

  static Finding out(FindingKey key, Sentence says) {
    return Finding.plain(key, Verdict.OUT, SOLVED, says);
  }
}
