package mellow.core.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.circuit.check.StateTable.Lamps;
import mellow.core.feed.Block;
import mellow.core.feed.Condition;
import mellow.core.feed.DrivingState;
import mellow.core.feed.Expectation;
import mellow.core.feed.FeedPlan;
import mellow.core.feed.FeedProblem;
import mellow.core.feed.PlanStep;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.Question;
import mellow.core.feed.Section;
import mellow.core.finding.Sentence;
import mellow.core.finding.Source;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/** Reads plans of feeding lamps from their JSON form and checks them against its schema. */
public final class FeedPlanFormat {
  private static final String SCHEMA_TEXT = Resources.text("/mellow/feed/feed-plan.schema.json");
  private static final JsonSchema SCHEMA =
      JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
          .getSchema(SCHEMA_TEXT, SchemaBreach.POINTERS);
  private static final Set<String> NO_VALUES = Set.of("if", "sides", "factory");
  private static final JsonNode VEHICLE = vehicle();

  private FeedPlanFormat() {}

  /** The published JSON Schema, as text. */
  public static String schema() {
    return SCHEMA_TEXT;
  }

  private static JsonNode vehicle() {
    try {
      return RuleSetFormat.parse(Resources.text("/mellow/feed/vehicle.json"));
    } catch (FormatProblem problem) {
      throw new IllegalStateException("vehicle.json", problem);
    }
  }

  /**
   * Reads a plan.
   *
   * @throws FormatProblem where the text is no JSON, breaks the schema, or its usual answers give
   *     no circuit
   */
  public static FeedPlan read(String json) throws FormatProblem {
    JsonNode root = RuleSetFormat.checked(json, SCHEMA);
    try {
      FeedPlan plan = plan(root);
      PlannedFeed.usual(plan).table();
      return plan;
    } catch (FeedProblem problem) {
      throw new FormatProblem(problem.place(), problem.says());
    }
  }

  /** The same plan under another id, version and title, as a shop's own. */
  public static String renamed(String json, String id, int version, String title)
      throws FormatProblem {
    ObjectNode root = (ObjectNode) RuleSetFormat.checked(json, SCHEMA);
    root.put("id", id).put("version", version).put("title", title);
    ((ObjectNode) root.get("source")).put("mark", "local");
    return root.toPrettyString();
  }

  /** The same plan with other usual answers. */
  public static String withUsual(String json, Map<String, String> answers) throws FormatProblem {
    ObjectNode root = (ObjectNode) RuleSetFormat.checked(json, SCHEMA);
    for (JsonNode question : root.get("questions")) {
      String answer = answers.get(question.get("id").asText());
      if (answer != null) {
        ((ObjectNode) question).put("usual", answer);
      }
    }
    return root.toPrettyString();
  }

  private static FeedPlan plan(JsonNode root) throws FeedProblem {
    List<Section> sections = new ArrayList<>();
    for (JsonNode name : root.path("vehicle")) {
      sections.add(section(name.asText(), VEHICLE.get(name.asText())));
    }
    sections.add(section("", root));
    List<PlanStep> steps = new ArrayList<>();
    for (JsonNode node : root.get("steps")) {
      Set<String> of = new LinkedHashSet<>();
      node.path("of").forEach(one -> of.add(one.asText()));
      steps.add(
          new PlanStep(
              Sentence.typed(node.get("does").asText()),
              PlanStep.Needs.valueOf(RuleSetFormat.constant(node.get("battery"))),
              PlanStep.Act.WORK,
              of,
              condition(node)));
    }
    List<String> cautions = new ArrayList<>();
    root.get("cautions").forEach(caution -> cautions.add(caution.asText()));
    Set<LampFunction> functions = new LinkedHashSet<>();
    root.get("functions").forEach(one -> functions.add(LampFunction.valueOf(one.asText())));
    JsonNode source = root.get("source");
    return new FeedPlan(
        root.get("id").asText(),
        root.get("version").asInt(),
        root.get("title").asText(),
        root.get("does").asText(),
        functions,
        sections,
        List.copyOf(states(root.get("states"))),
        texts(root.path("before")),
        root.path("undo").asText(""),
        steps,
        cautions,
        root.get("factoryCuts").asInt(),
        new Source(
            source.get("mark").asText().equals("local")
                ? Source.Mark.LOCAL
                : Source.Mark.COMMON_PRACTICE,
            source.get("name").asText()),
        List.of());
  }

  private static Section section(String name, JsonNode source) throws FeedProblem {
    List<Question> questions = new ArrayList<>();
    List<Block> blocks = new ArrayList<>();
    List<Expectation> expectations = new ArrayList<>();
    for (JsonNode node : source.path("questions")) {
      questions.add(question(node));
    }
    for (JsonNode node : source.path("blocks")) {
      blocks.add(block(node));
    }
    for (JsonNode node : source.path("lamps")) {
      expectations.add(expectation(node));
    }
    return new Section(name, questions, blocks, expectations);
  }

  private static Condition condition(JsonNode node) throws FeedProblem {
    return Condition.read(node.path("if").asText(""));
  }

  private static Question question(JsonNode node) throws FeedProblem {
    Question.Kind kind =
        switch (node.get("kind").asText()) {
          case "number" ->
              new Question.Kind.Number(
                  node.get("unit").asText(),
                  node.get("least").asDouble(),
                  node.get("most").asDouble());
          case "choice" -> {
            List<Question.Option> options = new ArrayList<>();
            node.get("options")
                .forEach(
                    one ->
                        options.add(new Question.Option(one.get(0).asText(), one.get(1).asText())));
            yield new Question.Kind.Choice(options);
          }
          case "text" -> new Question.Kind.Text();
          default -> new Question.Kind.Wire();
        };
    return new Question(
        node.get("id").asText(),
        node.get("asks").asText(),
        kind,
        node.get("usual").asText(),
        node.path("behaviour").asBoolean(false),
        node.path("hint").asText(""),
        node.path("opens").asText(""),
        condition(node),
        "");
  }

  private static Block block(JsonNode node) throws FeedProblem {
    Map<String, String> values = texts(node);
    values.keySet().removeAll(NO_VALUES);
    return new Block(values, condition(node), node.has("sides"), node.has("factory"), "");
  }

  private static Map<String, String> texts(JsonNode node) {
    Map<String, String> texts = new LinkedHashMap<>();
    for (Iterator<Map.Entry<String, JsonNode>> all = node.fields(); all.hasNext(); ) {
      Map.Entry<String, JsonNode> one = all.next();
      texts.put(one.getKey(), one.getValue().asText());
    }
    return texts;
  }

  private static Expectation expectation(JsonNode node) throws FeedProblem {
    return new Expectation(
        new Lamps(
            LampFunction.valueOf(node.get("function").asText()),
            Optional.ofNullable(node.get("side")).map(side -> Side.valueOf(side.asText())),
            node.path("pair").asText("")),
        EnumSet.allOf(DrivingState.class),
        states(node.path("full")),
        states(node.path("reduced")),
        condition(node));
  }

  private static Set<DrivingState> states(JsonNode node) {
    Set<DrivingState> states = new LinkedHashSet<>();
    node.forEach(state -> states.add(DrivingState.valueOf(state.asText())));
    return states;
  }
}
