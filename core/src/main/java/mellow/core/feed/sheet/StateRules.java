package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mellow.core.circuit.Controls;
import mellow.core.circuit.Controls.Key;
import mellow.core.circuit.Controls.Lights;
import mellow.core.circuit.Controls.Turn;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.Load;
import mellow.core.circuit.check.StateTable.Cell;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.circuit.check.StateTable.Lit;
import mellow.core.circuit.check.StateTable.Row;
import mellow.core.feed.FeedWords;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.finding.Verdict;
import mellow.core.finding.Words;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;

/** What may be lit beside what: the rules of a market, and the trade's own. */
final class StateRules {
  private static final Source KEY_OUT = Source.commonPractice(FeedWords.srcKeyOut());
  private static final Source UN_DRL = Source.fromMemory(FeedWords.srcUnDrl());
  private static final Source US_DRL = Source.fromMemory(FeedWords.srcUsDrl());
  private static final Source UN_FOG = Source.fromMemory(FeedWords.srcUnFog());
  private static final Source FOUR = Source.fromMemory(FeedWords.srcFour());
  private static final Source DRIVING = Source.judged(FeedWords.srcDriving());
  private static final Source STAYS = Source.commonPractice(FeedWords.srcStays());
  private static final Source PILOT = Source.judged(FeedWords.srcPilot());

  private static final int MOST_LIT = 4;
  private static final double PILOT_LIT_VOLTS = 6;

  private final PlannedFeed feed;
  private final List<Row> rows;
  private final Optional<MarkFamily> market;

  StateRules(PlannedFeed feed, List<Row> rows, Optional<MarkFamily> market) {
    this.feed = feed;
    this.rows = rows;
    this.market = market;
  }

  List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    broken(
            FindingKey.of("rule.keyOut"),
            KEY_OUT,
            FeedWords.litKeyOut(),
            Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.feedSwitched()),
            StateRules::isLeftAlone,
            row -> litAny(row, LampFunction.values()))
        .ifPresent(findings::add);
    ofTheMarket(findings);
    ofPractice(findings);
    return findings;
  }

  /** What a family of rules says of running lamps and fog lamps. */
  private void ofTheMarket(List<Finding> findings) {
    boolean sae = market.filter(MarkFamily.SAE::equals).isPresent();
    boolean un = market.filter(MarkFamily.UN::equals).isPresent();
    if (sae || un) {
      broken(
              FindingKey.of("rule.drlBesideHeadlamps"),
              sae ? US_DRL : UN_DRL,
              FeedWords.drlBesideHeadlamps(),
              Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.relayOrModule()),
              row -> headlampsOn(row.solution().controls()),
              row -> isFull(row, LampFunction.DRL))
          .ifPresent(findings::add);
    }
    if (un) {
      broken(
              FindingKey.of("rule.drlBesideFog"),
              UN_DRL,
              FeedWords.drlBesideFog(),
              Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.fogPutsOut()),
              row -> litAny(row, LampFunction.FRONT_FOG),
              row -> isFull(row, LampFunction.DRL))
          .ifPresent(findings::add);
      broken(
              FindingKey.of("rule.fogAlone"),
              UN_FOG,
              FeedWords.fogAlone(),
              Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.feedFromPosition()),
              row -> !sideLampsOn(row.solution().controls()),
              row -> litAny(row, LampFunction.FRONT_FOG))
          .ifPresent(findings::add);
    }
    if (sae) {
      tooMany().ifPresent(findings::add);
    }
  }

  private void ofPractice(List<Finding> findings) {
    broken(
            Verdict.AT_EDGE,
            FindingKey.of("rule.drivingAlone"),
            DRIVING,
            FeedWords.drivingAlone(),
            Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.triggerByMain()),
            row -> row.solution().controls().lights() != Lights.MAIN,
            row -> litAny(row, LampFunction.DRIVING))
        .ifPresent(findings::add);
    broken(
            FindingKey.of("rule.lowGoesOut"),
            STAYS,
            FeedWords.lowGoesOut(),
            Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.keepFed()),
            row -> row.solution().controls().lights() == Lights.MAIN,
            row -> shuttersWithoutLight(row) || strikesAnew(row))
        .ifPresent(findings::add);
    feed.parts().stream()
        .filter(part -> part.part() instanceof Load && !part.value("shows").isEmpty())
        .forEach(
            part ->
                broken(
                        FindingKey.of("rule.pilot", part.subject()),
                        PILOT,
                        FeedWords.pilotLit(Words.capital(part.id())),
                        Remedy.of(Remedy.Action.CONNECT, Remedy.Page.FEED, FeedWords.movePilot()),
                        row -> !isLeftAlone(row),
                        row -> glowsAlone(row, part))
                    .ifPresent(findings::add));
  }

  private Optional<Finding> broken(
      FindingKey key,
      Source source,
      Sentence says,
      Remedy remedy,
      Predicate<Row> concerns,
      Predicate<Row> breaks) {
    return broken(Verdict.OUT, key, source, says, remedy, concerns, breaks);
  }

  /** One finding for a rule, with the states in which it is broken. */
  private Optional<Finding> broken(
      Verdict verdict,
      FindingKey key,
      Source source,
      Sentence says,
      Remedy remedy,
      Predicate<Row> concerns,
      Predicate<Row> breaks) {
    List<Sentence> states =
        rows.stream().filter(concerns.and(breaks)).map(row -> row.state().says()).toList();
    return states.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Finding.plain(key, verdict, source, says)
                .withDetail(FeedWords.inStates(states))
                .withRemedy(remedy));
  }

  private Optional<Finding> tooMany() {
    long most = rows.stream().mapToLong(StateRules::forwardLamps).max().orElse(0);
    return broken(
            FindingKey.of("rule.fourLamps"),
            FOUR,
            FeedWords.moreThanFour(),
            Remedy.of(Remedy.Action.CHANGE, Remedy.Page.FEED, FeedWords.interlock()),
            row -> true,
            row -> forwardLamps(row) > MOST_LIT)
        .map(finding -> finding.withDetail(FeedWords.mostLit((int) most, finding.detail())));
  }

  private static long forwardLamps(Row row) {
    return Stream.of(
            LampFunction.DIPPED, LampFunction.MAIN, LampFunction.FRONT_FOG, LampFunction.DRIVING)
        .flatMap(function -> each(row, function))
        .filter(lit -> !(lit.lamp() instanceof Emitter.Shutter))
        .filter(lit -> lit.level() != LightLevel.OUT)
        .count();
  }

  private static Stream<Lit> each(Row row, LampFunction function) {
    return row.cells().entrySet().stream()
        .filter(cell -> cell.getKey().function() == function)
        .flatMap(cell -> cell.getValue().each().stream());
  }

  private static boolean litAny(Row row, LampFunction... functions) {
    return Stream.of(functions)
        .flatMap(function -> each(row, function))
        .anyMatch(lit -> lit.level() != LightLevel.OUT);
  }

  private static boolean isFull(Row row, LampFunction function) {
    return each(row, function).anyMatch(lit -> lit.level() == LightLevel.FULL);
  }

  private static boolean shuttersWithoutLight(Row row) {
    return each(row, LampFunction.MAIN)
        .anyMatch(
            lit ->
                lit.lamp() instanceof Emitter.Shutter shutter
                    && row.solution().light(shutter.source()) < 0.5);
  }

  /** A gas-discharge lamp that goes out with every main beam strikes anew after each. */
  private static boolean strikesAnew(Row row) {
    return each(row, LampFunction.DIPPED)
        .anyMatch(lit -> lit.lamp() instanceof Emitter.Discharge && lit.level() == LightLevel.OUT);
  }

  private boolean glowsAlone(Row row, PlannedPart pilot) {
    Load load = (Load) pilot.part();
    LampFunction shown = LampFunction.valueOf(pilot.value("shows"));
    return Math.abs(row.solution().on().between(load.from(), load.to())) > PILOT_LIT_VOLTS
        && shown(row, Lamps.of(shown).of(pilot.value("pair")))
            .map(cell -> cell.brightest().level() == LightLevel.OUT)
            .orElse(false);
  }

  /** The lamps that a pilot lamp tells of; of a pair that was not named, any of the function. */
  private static Optional<Cell> shown(Row row, Lamps lamps) {
    return row.cells().entrySet().stream()
        .filter(cell -> cell.getKey().function() == lamps.function())
        .filter(cell -> lamps.pair().isEmpty() || cell.getKey().pair().equals(lamps.pair()))
        .map(Map.Entry::getValue)
        .max(Comparator.comparingDouble(cell -> cell.brightest().light()));
  }

  /** Key out, lights off, no hazard: nobody is there. */
  private static boolean isLeftAlone(Row row) {
    Controls controls = row.solution().controls();
    return controls.key() == Key.OFF
        && controls.lights() == Lights.OFF
        && controls.turn() == Turn.OFF;
  }

  private static boolean headlampsOn(Controls controls) {
    return controls.lights() == Lights.DIPPED || controls.lights() == Lights.MAIN;
  }

  private static boolean sideLampsOn(Controls controls) {
    return headlampsOn(controls) || controls.lights() == Lights.SIDE;
  }
}
