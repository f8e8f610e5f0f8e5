package mellow.core.circuit;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampFunction;

/**
 * What each lamp function does in each position of the controls: as expected, and as solved.
 *
 * @param rows in the order in which the controls are moved
 */
public record StateTable(List<Row> rows) {
  private static final Source SOLVED = Source.derived("the solved circuit against what was asked");

  public StateTable {
    rows = List.copyOf(rows);
  }

  /**
   * A position of the controls and what is expected in it.
   *
   * @param name as people say it: "side lamps on"
   * @param expected by function; one that is not named may do what it likes
   */
  public record State(String name, Controls controls, Map<LampFunction, LightLevel> expected) {
    public State {
      expected = Map.copyOf(expected);
    }
  }

  /** A state solved. */
  public record Row(State state, Solution solution, Map<LampFunction, Cell> cells) {}

  /**
   * What the lamps of one function do.
   *
   * @param volts over the darkest of them, on the average
   * @param amps of all of them together, on the average
   * @param light of the darkest, as a share of its rating
   */
  public record Cell(double volts, double amps, double light, LightLevel level) {}

  /** Solves the states one after the other, as a hand moves the controls. */
  public static StateTable of(Circuit circuit, List<State> states) {
    Solver solver = new Solver(circuit);
    List<Row> rows = new ArrayList<>();
    Solution before = null;
    for (State state : states) {
      Solution solution =
          before == null ? solver.solve(state.controls()) : solver.solve(state.controls(), before);
      rows.add(new Row(state, solution, cells(circuit, solution)));
      before = solution;
    }
    return new StateTable(rows);
  }

  private static Map<LampFunction, Cell> cells(Circuit circuit, Solution solution) {
    Map<LampFunction, List<Emitter>> byFunction = new EnumMap<>(LampFunction.class);
    circuit
        .of(Emitter.class)
        .forEach(
            lamp ->
                byFunction
                    .computeIfAbsent(lamp.use().function(), fresh -> new ArrayList<>())
                    .add(lamp));
    Map<LampFunction, Cell> cells = new LinkedHashMap<>();
    byFunction.forEach(
        (function, lamps) -> {
          Emitter darkest = lamps.get(0);
          for (Emitter lamp : lamps) {
            darkest = solution.light(lamp) < solution.light(darkest) ? lamp : darkest;
          }
          String plus = darkest.plus();
          String minus = darkest.minus();
          double light = solution.light(darkest);
          cells.put(
              function,
              new Cell(
                  solution.average(point -> point.between(plus, minus)),
                  solution.average(point -> lamps.stream().mapToDouble(point::amps).sum()),
                  light,
                  LightLevel.of(light)));
        });
    return cells;
  }

  /** Where what is solved differs from what is expected. */
  public List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    for (Row row : rows) {
      row.state()
          .expected()
          .forEach((function, level) -> against(row, function, level).ifPresent(findings::add));
    }
    return findings;
  }

  private static Optional<Finding> against(Row row, LampFunction function, LightLevel expected) {
    Cell cell = row.cells().get(function);
    LightLevel solved = cell == null ? LightLevel.OUT : cell.level();
    if (solved == expected) {
      return Optional.empty();
    }
    String says =
        "%s: %s %s, expected %s"
            .formatted(row.state().name(), function.words(), solved.words(), expected.words());
    Finding finding =
        Finding.plain(
            "state." + row.state().name() + "." + function, Verdict.OUT, SOLVED, Sentence.of(says));
    return Optional.of(
        cell == null
            ? finding
            : finding.withDetail(
                Sentence.of("{0} of its rated light", Figure.percent(100 * cell.light()))));
  }
}
