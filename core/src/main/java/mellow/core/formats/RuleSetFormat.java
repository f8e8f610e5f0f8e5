package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Source;
import mellow.core.measure.LengthUnit;
import mellow.core.rules.AimRule;
import mellow.core.rules.AsideRule;
import mellow.core.rules.Band;
import mellow.core.rules.HeightCondition;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.TrafficSide;
import mellow.core.vehicle.VehicleClass;

/** Reads rule sets from their JSON form and checks them against the published schema. */
public final class RuleSetFormat {
  /** Inches at 25 ft in percent: 100 × 1 in ÷ 300 in. */
  private static final double PERCENT_PER_INCH_AT_25_FT =
      100 * LengthUnit.IN.toMm(1) / LengthUnit.FT.toMm(25);

  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String SCHEMA_TEXT = Resources.text("/mellow/rules/rule-set.schema.json");
  private static final JsonSchema SCHEMA =
      JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
          .getSchema(SCHEMA_TEXT, SchemaBreach.POINTERS);

  private RuleSetFormat() {}

  /** The published JSON Schema, as text. */
  public static String schema() {
    return SCHEMA_TEXT;
  }

  /**
   * Reads one rule set.
   *
   * @throws FormatProblem where the text is no JSON, breaks the schema or contradicts itself
   */
  public static RuleSet read(String json) throws FormatProblem {
    return ruleSet(checked(json, SCHEMA));
  }

  /** The text as a tree that keeps the schema. */
  static JsonNode checked(String json, JsonSchema schema) throws FormatProblem {
    JsonNode root = parse(json);
    Set<ValidationMessage> breaches = schema.validate(root);
    if (!breaches.isEmpty()) {
      ValidationMessage first = breaches.iterator().next();
      throw new FormatProblem(first.getInstanceLocation().toString(), SchemaBreach.sentence(first));
    }
    return root;
  }

  static JsonNode parse(String json) throws FormatProblem {
    try {
      JsonNode root = JSON.readTree(json);
      if (root == null || root.isMissingNode()) {
        throw new FormatProblem("", FormatsWords.empty());
      }
      return root;
    } catch (JsonProcessingException e) {
      throw new FormatProblem("", FormatsWords.notJson(e.getOriginalMessage()));
    }
  }

  private static RuleSet ruleSet(JsonNode root) throws FormatProblem {
    JsonNode document = root.get("document");
    Set<String> ids = new HashSet<>();
    return new RuleSet(
        root.get("id").asText(),
        root.get("version").asInt(),
        root.get("title").asText(),
        root.get("scope").asText(),
        TrafficSide.valueOf(constant(root.get("usualTraffic"))),
        constants(root.path("vehicleClasses"), VehicleClass::valueOf),
        Optional.ofNullable(root.get("nation")).map(JsonNode::asText),
        Optional.ofNullable(root.get("marks")).map(marks -> MarkFamily.valueOf(constant(marks))),
        aside(root, document),
        rules(root, "aim", ids, node -> aimRule(node, document)),
        rules(root, "place", ids, node -> PlaceRuleFormat.read(node, document)));
  }

  private static Optional<AsideRule> aside(JsonNode root, JsonNode document) throws FormatProblem {
    JsonNode node = root.get("aside");
    if (node == null) {
      return Optional.empty();
    }
    DoubleUnaryOperator toPercent = toPercent(node);
    try {
      return Optional.of(
          new AsideRule(
              toPercent.applyAsDouble(node.get("mostLeft").asDouble()),
              toPercent.applyAsDouble(node.get("mostRight").asDouble()),
              source(node, document)));
    } catch (CannotBe contradiction) {
      throw new FormatProblem("/aside", FormatsWords.because(contradiction.why()));
    }
  }

  private static DoubleUnaryOperator toPercent(JsonNode node) {
    return node.get("unit").asText().equals("percent")
        ? value -> value
        : inches -> inches * PERCENT_PER_INCH_AT_25_FT;
  }

  static <T> List<T> rules(JsonNode root, String kind, Set<String> ids, Function<JsonNode, T> read)
      throws FormatProblem {
    List<T> rules = new ArrayList<>();
    for (JsonNode node : root.path(kind)) {
      String place = "/" + kind + "/" + rules.size();
      try {
        rules.add(read.apply(node));
      } catch (CannotBe contradiction) {
        throw new FormatProblem(place, FormatsWords.because(contradiction.why()));
      }
      if (!ids.add(node.get("id").asText())) {
        throw new FormatProblem(place, FormatsWords.idTwice());
      }
    }
    return rules;
  }

  /** Constants by the names that they have in files. */
  static <T> Set<T> constants(JsonNode names, Function<String, T> read) {
    Set<T> found = new HashSet<>();
    names.forEach(name -> found.add(read.apply(constant(name))));
    return found;
  }

  static AimRule aimRule(JsonNode node, JsonNode setDocument) {
    DoubleUnaryOperator toPercent = toPercent(node);
    Set<BeamClass> classes = constants(node.get("lamps"), BeamClass::valueOf);
    return new AimRule(
        node.get("id").asText(),
        classes,
        Optional.ofNullable(node.get("height")).map(RuleSetFormat::height),
        node.path("makersChoice").asBoolean(false),
        band(node.get("limits"), toPercent),
        toPercent.applyAsDouble(node.get("aim").asDouble()),
        Optional.ofNullable(node.get("setting")).map(band -> band(band, toPercent)),
        source(node, setDocument));
  }

  private static HeightCondition height(JsonNode node) {
    return new HeightCondition(
        HeightCondition.HeightOf.valueOf(constant(node.get("of"))),
        node.has("fromMm") ? number(node, "fromMm") : number(node, "aboveMm"),
        node.has("fromMm"),
        node.has("toMm") ? number(node, "toMm") : number(node, "belowMm"),
        node.has("toMm"));
  }

  private static Band band(JsonNode node, DoubleUnaryOperator toPercent) {
    return new Band(
        converted(number(node, "lowest"), toPercent),
        converted(number(node, "highest"), toPercent));
  }

  /** Where a rule stands: in its own document, else in its set's. */
  static Source source(JsonNode rule, JsonNode setDocument) {
    JsonNode document = rule.has("document") ? rule.get("document") : setDocument;
    Source.Mark mark =
        switch (document.get("mark").asText()) {
          case "published" -> Source.Mark.PUBLISHED;
          case "from-memory" -> Source.Mark.FROM_MEMORY;
          case "common-practice" -> Source.Mark.COMMON_PRACTICE;
          case "local" -> Source.Mark.LOCAL;
          default -> Source.Mark.JUDGED;
        };
    return new Source(
        mark, FormatsWords.clause(document.get("name").asText(), rule.get("clause").asText()));
  }

  static OptionalDouble number(JsonNode node, String field) {
    return node.has(field) ? OptionalDouble.of(node.get(field).asDouble()) : OptionalDouble.empty();
  }

  static OptionalDouble converted(OptionalDouble value, DoubleUnaryOperator change) {
    return value.isPresent() ? OptionalDouble.of(change.applyAsDouble(value.getAsDouble())) : value;
  }

  static String constant(JsonNode node) {
    return node.asText().toUpperCase(Locale.ROOT).replace('-', '_');
  }
}
