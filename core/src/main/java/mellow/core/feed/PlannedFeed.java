package mellow.core.feed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.Circuit;
import mellow.core.circuit.Controls;
import mellow.core.circuit.LightLevel;
import mellow.core.circuit.Part;
import mellow.core.circuit.Situation;
import mellow.core.circuit.check.StateTable;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Site;

/**
 * A plan with its questions answered and its parts as they are to be.
 *
 * @param answers to all questions, the usual one where nobody answered
 * @param changes of parts in place
 * @param parts in the plan's order
 */
public record PlannedFeed(
    FeedPlan plan,
    Map<String, String> answers,
    Map<String, Map<String, String>> changes,
    List<PlannedPart> parts,
    Circuit circuit) {

  /** What may be changed in place; the last ones try a fault. */
  private static final Set<String> CHANGEABLE =
      Set.of(
          "size",
          "metres",
          "colour",
          "amps",
          "ohms",
          "watts",
          "mount",
          "duty",
          "blown",
          "sound",
          "dead",
          "reversed",
          "configured",
          PlannedPart.AT);

  public PlannedFeed {
    answers = Map.copyOf(answers);
    changes = Map.copyOf(changes);
    parts = List.copyOf(parts);
  }

  /** The plan as it ships, with the usual answers. */
  public static PlannedFeed usual(FeedPlan plan) throws FeedProblem {
    return of(plan, Map.of(), Map.of());
  }

  /**
   * Builds the circuit.
   *
   * @param given answers by question
   * @param changes values by part and name
   * @throws FeedProblem where an answer or a change cannot be
   */
  public static PlannedFeed of(
      FeedPlan plan, Map<String, String> given, Map<String, Map<String, String>> changes)
      throws FeedProblem {
    Map<String, String> answers = answers(plan, given);
    List<PlannedPart> parts = new ArrayList<>();
    Map<String, Part> before = new LinkedHashMap<>();
    Naming naming = Naming.of(plan, answers);
    for (Block block : plan.blocks()) {
      for (Map<String, String> values : naming.named(block, block.filled(answers))) {
        PlannedPart made = part(block, changed(values, changes), before);
        parts.add(made);
        before.put(made.id(), made.part());
      }
    }
    for (String id : changes.keySet()) {
      if (!before.containsKey(id)) {
        throw new FeedProblem(id, FeedWords.noPart(id));
      }
    }
    try {
      return new PlannedFeed(
          plan,
          answers,
          changes,
          parts,
          new Circuit(parts.stream().map(PlannedPart::part).toList()));
    } catch (CannotBe contradiction) {
      throw new FeedProblem(plan.id(), FeedWords.planCannotBe(contradiction.why()));
    }
  }

  private static Map<String, String> answers(FeedPlan plan, Map<String, String> given)
      throws FeedProblem {
    Map<String, String> answers = new LinkedHashMap<>();
    for (Question question : plan.questions()) {
      String answer = given.getOrDefault(question.id(), question.usual());
      question.check(answer);
      answers.put(question.id(), answer);
    }
    for (String id : given.keySet()) {
      if (!answers.containsKey(id)) {
        throw new FeedProblem(id, FeedWords.notAsked(id));
      }
    }
    return answers;
  }

  private static Map<String, String> changed(
      Map<String, String> values, Map<String, Map<String, String>> changes) throws FeedProblem {
    String id = String.valueOf(values.get("id"));
    Map<String, String> changed = new LinkedHashMap<>(values);
    for (Map.Entry<String, String> one : changes.getOrDefault(id, Map.of()).entrySet()) {
      if (!CHANGEABLE.contains(one.getKey())) {
        throw new FeedProblem(id, FeedWords.notChangeable(one.getKey()));
      }
      changed.put(one.getKey(), one.getValue());
    }
    return changed;
  }

  private static PlannedPart part(Block block, Map<String, String> values, Map<String, Part> before)
      throws FeedProblem {
    String id = String.valueOf(values.get("id"));
    String kind = String.valueOf(values.get("kind"));
    PartKind maker =
        PartKind.named(kind).orElseThrow(() -> new FeedProblem(id, FeedWords.noKind(kind)));
    try {
      Values of = new Values(id, values);
      Part made = maker.make(id, of, before);
      if (values.containsKey(PlannedPart.AT)) {
        of.one(Site.class, PlannedPart.AT);
      }
      requireLaws(made);
      return new PlannedPart(made, kind, block.name(), values, block.factory(), block.tag());
    } catch (CannotBe cannotBe) {
      throw new FeedProblem(id, FeedWords.partCannotBe(id, cannotBe.why()));
    }
  }

  /** A part whose values give no law of current cannot be solved. */
  private static void requireLaws(Part part) {
    for (Controls controls : List.of(Controls.OFF, Controls.OFF.with(Controls.Key.ENGINE))) {
      for (Situation.Start start : Situation.Start.values()) {
        Situation now = new Situation(controls, Map.of(), Set.of(), start);
        for (int branch = 0; branch < part.branches().size(); branch++) {
          part.law(branch, now);
        }
      }
    }
  }

  /** Whether a question matters under the other answers. */
  public boolean asks(Question question) {
    return question.onlyIf().holds(answers);
  }

  public Optional<PlannedPart> part(String id) {
    return parts.stream().filter(part -> part.id().equals(id)).findFirst();
  }

  /** The parts of a kind of block that are new to the vehicle. */
  public List<PlannedPart> added(String kind) {
    return parts.stream().filter(part -> !part.factory() && part.kind().equals(kind)).toList();
  }

  /** Source and ground, by the names that the plan has for them. */
  public Rails rails() {
    return Rails.of(circuit);
  }

  /** Whether something new to the vehicle is called so, or joins a factory wire of that name. */
  boolean adds(String name) {
    return parts.stream()
        .filter(part -> !part.factory())
        .anyMatch(part -> part.name().equals(name) || part.value("from").equals(name));
  }

  /** A number among the answers; empty where this plan does not ask for it. */
  public Optional<Double> number(String question) {
    return Optional.ofNullable(answers.get(question))
        .map(answer -> Double.valueOf(answer.strip().replace(',', '.')));
  }

  /** What is expected in each state that the plan is proved in. */
  public List<StateTable.State> expected() {
    List<StateTable.State> states = new ArrayList<>();
    for (DrivingState state : plan.states()) {
      Map<Lamps, LightLevel> expected = new LinkedHashMap<>();
      for (Expectation row : plan.expectations()) {
        if (row.among().contains(state) && row.onlyIf().holds(answers)) {
          LightLevel level =
              row.full().contains(state)
                  ? LightLevel.FULL
                  : row.reduced().contains(state) ? LightLevel.REDUCED : LightLevel.OUT;
          expected.merge(row.lamps(), level, (one, other) -> one == LightLevel.OUT ? other : one);
        }
      }
      states.add(
          new StateTable.State(state.name(), Sentence.term(state), state.controls(), expected));
    }
    return states;
  }

  /** Solved in every state. */
  public StateTable table() {
    return StateTable.of(circuit, expected());
  }

  /** The same plan as the vehicle had it; empty where nothing of the factory's is changed. */
  public Optional<PlannedFeed> before() throws FeedProblem {
    if (plan.before().isEmpty()) {
      return Optional.empty();
    }
    Map<String, String> had = new LinkedHashMap<>(answers);
    had.putAll(plan.before());
    return Optional.of(of(plan, had, Map.of()));
  }

  /** Whether a wire is tapped, and not by a crimp or solder joint. */
  public boolean hasClipOnTaps() {
    return answers.getOrDefault("joining", "clip").equals("clip")
        && parts.stream().anyMatch(part -> part.kind().equals("clip"));
  }
}
