package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.check.StateTable;
import mellow.core.feed.DrivingState;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.Question;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;

/**
 * A plan with the answers that come nearest to what was wished, and what it costs.
 *
 * @param answers that differ from the usual ones
 * @param misses where the lamps would do otherwise than wished
 * @param sources factory wires that it needs
 * @param addedParts that have to be bought and built in
 */
public record Proposal(
    FeedSheet sheet,
    Map<String, String> answers,
    List<Miss> misses,
    Set<String> sources,
    int addedParts) {
  private static final int MOST_VARIANTS = 48;

  public Proposal {
    answers = Map.copyOf(answers);
    misses = List.copyOf(misses);
    sources = Set.copyOf(sources);
  }

  /** A wish that is not met, and what the lamps do instead. */
  public record Miss(Wish wish, LightLevel gets) {}

  /**
   * All plans that feed one of the wished functions, the nearest first; among those the one with
   * fewer findings out, then fewer cuts into the factory's loom, then fewer parts.
   *
   * @param wishes at least one
   * @param known answers that the vehicle gives, taken where a plan asks for them
   */
  public static List<Proposal> of(
      List<FeedPlan> plans,
      List<Wish> wishes,
      Map<String, String> known,
      Optional<MarkFamily> market)
      throws FeedProblem {
    Set<LampFunction> functions = wishes.stream().map(Wish::function).collect(Collectors.toSet());
    List<Proposal> proposals = new ArrayList<>();
    for (FeedPlan plan : plans) {
      if (plan.functions().stream().anyMatch(functions::contains)) {
        proposals.add(best(plan, wishes, known, market));
      }
    }
    proposals.sort(
        Comparator.<Proposal>comparingInt(one -> one.misses().size())
            .thenComparingLong(Proposal::out)
            .thenComparingInt(one -> one.sheet().feed().plan().factoryCuts())
            .thenComparingInt(Proposal::addedParts));
    return proposals;
  }

  /** How many findings are out. */
  public long out() {
    return sheet.counts().getOrDefault(Verdict.OUT, 0L);
  }

  private static Proposal best(
      FeedPlan plan, List<Wish> wishes, Map<String, String> known, Optional<MarkFamily> market)
      throws FeedProblem {
    Map<String, String> best = Map.of();
    List<Miss> fewest = List.of();
    boolean first = true;
    for (Map<String, String> answers : variants(plan, known)) {
      List<Miss> misses = misses(PlannedFeed.of(plan, answers, Map.of()), wishes);
      if (first || misses.size() < fewest.size()) {
        best = answers;
        fewest = misses;
        first = false;
      }
    }
    PlannedFeed feed = PlannedFeed.of(plan, best, Map.of());
    return new Proposal(
        FeedSheet.of(feed, market),
        unusual(plan, best),
        fewest,
        sources(feed),
        (int) feed.parts().stream().filter(part -> !part.factory()).count());
  }

  private static Map<String, String> unusual(FeedPlan plan, Map<String, String> answers) {
    Map<String, String> unusual = new LinkedHashMap<>(answers);
    plan.questions().forEach(question -> unusual.remove(question.id(), question.usual()));
    return unusual;
  }

  /** All ways to answer what makes the lamps behave otherwise. */
  private static List<Map<String, String>> variants(FeedPlan plan, Map<String, String> known) {
    Map<String, String> given = new LinkedHashMap<>();
    for (Question question : plan.questions()) {
      if (known.containsKey(question.id())) {
        given.put(question.id(), known.get(question.id()));
      }
    }
    List<Map<String, String>> variants = new ArrayList<>(List.of(given));
    for (Question question : plan.questions()) {
      if (question.behaviour()
          && !given.containsKey(question.id())
          && question.kind() instanceof Question.Kind.Choice choice
          && variants.size() * choice.options().size() <= MOST_VARIANTS) {
        variants =
            variants.stream()
                .flatMap(
                    before ->
                        choice.options().stream()
                            .map(
                                option -> {
                                  Map<String, String> more = new LinkedHashMap<>(before);
                                  more.put(question.id(), option.value());
                                  return more;
                                }))
                .collect(Collectors.toCollection(ArrayList::new));
      }
    }
    return variants;
  }

  private static List<Miss> misses(PlannedFeed feed, List<Wish> wishes) {
    List<DrivingState> states = wishes.stream().map(Wish::state).distinct().sorted().toList();
    StateTable table =
        StateTable.of(
            feed.circuit(),
            states.stream()
                .map(
                    state ->
                        new StateTable.State(
                            state.name(), Sentence.term(state), state.controls(), Map.of()))
                .toList());
    List<Miss> misses = new ArrayList<>();
    for (Wish wish : wishes) {
      StateTable.Row row = table.rows().get(states.indexOf(wish.state()));
      List<LightLevel> lit =
          wish.lamps().stream()
              .flatMap(lamps -> cells(row, lamps))
              .flatMap(cell -> cell.each().stream())
              .map(StateTable.Lit::level)
              .toList();
      LightLevel gets =
          lit.stream()
              .filter(level -> level != wish.level())
              .findFirst()
              .orElse(lit.isEmpty() ? LightLevel.OUT : wish.level());
      if (gets != wish.level()) {
        misses.add(new Miss(wish, gets));
      }
    }
    return misses;
  }

  /** The lamps that a plan adds or feeds; what the vehicle has beside them does as it did. */
  private static Stream<StateTable.Cell> cells(StateTable.Row row, StateTable.Lamps lamps) {
    return row.cells().entrySet().stream()
        .filter(cell -> cell.getKey().function() == lamps.function())
        .filter(cell -> cell.getKey().side().equals(lamps.side()))
        .filter(cell -> !cell.getKey().pair().equals(Emitter.Use.FACTORY))
        .map(Map.Entry::getValue);
  }

  private static Set<String> sources(PlannedFeed feed) {
    return feed.parts().stream()
        .filter(part -> part.kind().equals("clip") || part.kind().equals("tap"))
        .map(part -> part.value("from"))
        .filter(from -> from.endsWith(" wire"))
        .collect(Collectors.toSet());
  }
}
