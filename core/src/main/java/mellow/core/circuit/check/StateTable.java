package mellow.core.circuit.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.CircuitWords;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.solve.Solution;
import mellow.core.circuit.solve.Solver;
import mellow.core.finding.Figure;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.subject.Subject;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * What each lamp function does in each position of the controls: as expected, and as solved.
 *
 * @param rows in the order in which the controls are moved
 */
public record StateTable(List<Row> rows) {
  private static final Source SOLVED = Source.derived(CircuitWords.srcTable());

  public StateTable {
    rows = List.copyOf(rows);
  }

  /**
   * Lamps that go together.
   *
   * @param side empty for both
   * @param pair which of several pairs of that function; empty where there is but one
   */
  public record Lamps(LampFunction function, Optional<Side> side, String pair) {
    public static Lamps of(LampFunction function) {
      return new Lamps(function, Optional.empty(), "");
    }

    public static Lamps of(LampFunction function, Side side) {
      return new Lamps(function, Optional.of(side), "");
    }

    /** The same of one of several pairs. */
    public Lamps of(String newPair) {
      return new Lamps(function, side, newPair);
    }

    /** Turn signals go side by side, other lamps in pairs. */
    static Lamps of(Emitter lamp) {
      Emitter.Use use = lamp.use();
      return (use.function() == LampFunction.TURN
              ? of(use.function(), use.side())
              : of(use.function()))
          .of(use.pair());
    }

    /** What findings on them are about. */
    Subject subject() {
      return new Subject.Lamp(function, side, pair);
    }

    /** In words: "left turn signal", "main beam, factory". */
    public Sentence words() {
      Sentence lamps =
          side.map(of -> CircuitWords.lampsOf(of, function)).orElse(Sentence.term(function));
      if (pair.isEmpty()) {
        return lamps;
      }
      return pair.equals(Emitter.Use.FACTORY)
          ? CircuitWords.factoryPair(lamps)
          : CircuitWords.pairOf(lamps, pair);
    }

    private static final Comparator<Lamps> ORDER =
        Comparator.comparing(Lamps::function)
            .thenComparing(lamps -> lamps.side().map(Side::ordinal).orElse(-1))
            .thenComparing(Lamps::pair);
  }

  /**
   * A position of the controls and what is expected in it.
   *
   * @param id names it: "SIDE_FOG"
   * @param says the same for people: "side lamps on"
   * @param expected of the lamps; those not named may do what they like
   */
  public record State(
      String id, Sentence says, Controls controls, Map<Lamps, LightLevel> expected) {
    public State {
      expected = Map.copyOf(expected);
    }
  }

  /** A state solved. */
  public record Row(State state, Solution solution, Map<Lamps, Cell> cells) {}

  /**
   * What lamps that go together do.
   *
   * @param amps of all of them together, on the average
   * @param each of them, in the circuit's order; at least one
   */
  public record Cell(double amps, List<Lit> each) {
    public Cell {
      each = List.copyOf(each);
    }

    public Lit darkest() {
      return each.stream().min(Comparator.comparingDouble(Lit::light)).orElseThrow();
    }

    public Lit brightest() {
      return each.stream().max(Comparator.comparingDouble(Lit::light)).orElseThrow();
    }

    /** How they are lit; that of the darkest where they differ. */
    public LightLevel level() {
      return darkest().level();
    }

    /** Whether all of them are lit so. */
    public boolean is(LightLevel level) {
      return each.stream().allMatch(lit -> lit.level() == level);
    }
  }

  /**
   * One lamp.
   *
   * @param volts over it, on the average
   * @param amps through it, on the average
   * @param light as a share of its rating
   */
  public record Lit(Emitter lamp, double volts, double amps, double light) {
    public LightLevel level() {
      return LightLevel.of(light);
    }
  }

  /** Solves the states one after the other, as a hand moves the controls. */
  public static StateTable of(Circuit circuit, List<State> states) {
    List<Solution> solutions =
        new Solver(circuit).inTurn(states.stream().map(State::controls).toList());
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < solutions.size(); i++) {
      rows.add(new Row(states.get(i), solutions.get(i), cells(circuit, solutions.get(i))));
    }
    return new StateTable(rows);
  }

  private static Map<Lamps, Cell> cells(Circuit circuit, Solution solution) {
    Map<Lamps, List<Lit>> together = new LinkedHashMap<>();
    circuit
        .of(Emitter.class)
        .forEach(
            lamp ->
                together
                    .computeIfAbsent(Lamps.of(lamp), fresh -> new ArrayList<>())
                    .add(
                        new Lit(
                            lamp,
                            solution.average(point -> point.between(lamp.plus(), lamp.minus())),
                            solution.average(point -> point.amps(lamp)),
                            solution.light(lamp))));
    Map<Lamps, Cell> cells = new LinkedHashMap<>();
    together.forEach((lamps, each) -> cells.put(lamps, cell(each)));
    return cells;
  }

  /** A shutter counts for a lamp only where no lamp stands beside it. */
  private static Cell cell(List<Lit> each) {
    List<Lit> lamps =
        each.stream().filter(lit -> !(lit.lamp() instanceof Emitter.Shutter)).toList();
    return new Cell(each.stream().mapToDouble(Lit::amps).sum(), lamps.isEmpty() ? each : lamps);
  }

  /** All solutions, in order. */
  public List<Solution> solutions() {
    return rows.stream().map(Row::solution).toList();
  }

  /** Where what is solved differs from what is expected. */
  public List<Finding> findings() {
    return rows.stream()
        .flatMap(
            row ->
                row.state().expected().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey(Lamps.ORDER))
                    .flatMap(one -> against(row, one.getKey(), one.getValue())))
        .toList();
  }

  private static Stream<Finding> against(Row row, Lamps lamps, LightLevel expected) {
    Cell cell = row.cells().get(lamps);
    if (cell == null) {
      return expected == LightLevel.OUT
          ? Stream.empty()
          : Stream.of(finding(row, lamps, LightLevel.OUT, expected));
    }
    return cell.each().stream()
        .filter(lit -> lit.level() != expected)
        .min(
            Comparator.comparingDouble(
                lit -> expected == LightLevel.OUT ? -lit.light() : lit.light()))
        .map(
            lit ->
                finding(row, lamps, lit.level(), expected)
                    .withDetail(
                        CircuitWords.lampHas(
                            Words.capital(lit.lamp().id()),
                            Figure.volts(lit.volts()),
                            Figure.percent(100 * lit.light()))))
        .stream();
  }

  private static Finding finding(Row row, Lamps lamps, LightLevel solved, LightLevel expected) {
    return Finding.plain(
        FindingKey.of(
            "state", SubjectKind.IN_STATE.within(row.state().id(), lamps.subject().text())),
        Verdict.OUT,
        SOLVED,
        CircuitWords.differs(row.state().says().capital(), lamps.words(), solved, expected));
  }
}
