package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Caution;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.workflow.BenchTimer;
import mellow.core.workflow.Precondition;
import mellow.core.workflow.Stage;
import mellow.core.workflow.Step;
import mellow.core.workflow.StepReading;
import mellow.core.workflow.WorkKind;

/** The steps of the trade that ship with the product, read once. All are common practice. */
public final class StepBook {
  private static final List<Step> ALL = load();
  private static final Map<String, String> WORDS =
      ALL.stream().collect(Collectors.toMap(Step::id, Step::words));

  private StepBook() {}

  /** All steps, in order of work. */
  public static List<Step> all() {
    return ALL;
  }

  /** What a step says, by its id; of one that is gone, its id. */
  public static String wordsOf(String id) {
    return WORDS.getOrDefault(id, id);
  }

  /** A caution by its id; empty where no step heeds it. */
  public static Optional<Caution> caution(String id) {
    return ALL.stream()
        .flatMap(step -> step.cautions().stream())
        .filter(caution -> caution.id().equals(id))
        .findFirst();
  }

  private static List<Step> load() {
    try {
      JsonNode root = new ObjectMapper().readTree(Resources.text("/mellow/workflow/steps.json"));
      Map<String, Caution> cautions = new LinkedHashMap<>();
      for (JsonNode node : root.get("cautions")) {
        String id = node.get("id").asText();
        Source source = Source.commonPractice(FormatsWords.srcSteps());
        cautions.put(id, new Caution(id, Sentence.typed(node.get("text").asText()), source));
      }
      List<Step> steps = new ArrayList<>();
      for (JsonNode node : root.get("steps")) {
        steps.add(step(node, cautions));
      }
      return List.copyOf(steps);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("steps.json cannot be read", e);
    }
  }

  private static Step step(JsonNode node, Map<String, Caution> cautions) {
    Set<WorkKind> kinds = new LinkedHashSet<>();
    node.path("kinds").forEach(kind -> kinds.add(WorkKind.valueOf(RuleSetFormat.constant(kind))));
    List<String> atHand = new ArrayList<>();
    node.path("atHand").forEach(thing -> atHand.add(thing.asText()));
    List<Caution> heeded = new ArrayList<>();
    node.path("cautions")
        .forEach(id -> heeded.add(Optional.ofNullable(cautions.get(id.asText())).orElseThrow()));
    return new Step(
        node.get("id").asText(),
        Stage.valueOf(RuleSetFormat.constant(node.get("stage"))),
        kinds,
        node.get("words").asText(),
        atHand,
        node.path("gate").asBoolean(false),
        heeded,
        when(node));
  }

  private static Step.When when(JsonNode node) {
    Set<String> ways = new LinkedHashSet<>();
    node.path("ways").forEach(way -> ways.add(way.asText()));
    List<String> after = new ArrayList<>();
    node.path("after").forEach(step -> after.add(step.asText()));
    List<Precondition> needs = new ArrayList<>();
    node.path("needs")
        .forEach(need -> needs.add(Precondition.valueOf(RuleSetFormat.constant(need))));
    return new Step.When(
        ways,
        needs,
        node.path("eachSide").asBoolean(false),
        node.path("people").asInt(1),
        node.path("comesOff").asText(""),
        node.hasNonNull("reads")
            ? Optional.of(StepReading.valueOf(RuleSetFormat.constant(node.get("reads"))))
            : Optional.empty(),
        after,
        node.hasNonNull("cures")
            ? Optional.of(BenchTimer.Adhesive.valueOf(RuleSetFormat.constant(node.get("cures"))))
            : Optional.empty(),
        node.path("called").asText(""));
  }
}
