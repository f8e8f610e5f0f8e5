package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellow.core.rules.RuleChange;

/** Reads local rule sets from their JSON form and checks them against the published schema. */
public final class RuleChangeFormat {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String SCHEMA_TEXT = Resources.text("/mellow/rules/rule-change.schema.json");
  private static final JsonSchema SCHEMA =
      JsonSchemaFactory.getInstance(
              SpecVersion.VersionFlag.V202012,
              builder ->
                  builder.schemaLoaders(
                      loaders ->
                          loaders.schemas(
                              Map.of("urn:mellow-horizon:rule-set:1", RuleSetFormat.schema()))))
          .getSchema(SCHEMA_TEXT, SchemaBreach.POINTERS);

  private RuleChangeFormat() {}

  /** The published JSON Schema, as text. */
  public static String schema() {
    return SCHEMA_TEXT;
  }

  /**
   * Reads a local set.
   *
   * @throws FormatProblem where the text is no JSON, breaks the schema or contradicts itself
   */
  public static RuleChange read(String json) throws FormatProblem {
    JsonNode root = RuleSetFormat.checked(json, SCHEMA);
    JsonNode document =
        JSON.createObjectNode().put("name", root.get("title").asText()).put("mark", "local");
    Set<String> ids = new HashSet<>();
    List<String> off = new ArrayList<>();
    root.path("off").forEach(id -> off.add(id.asText()));
    return new RuleChange(
        root.get("id").asText(),
        root.get("version").asInt(),
        root.get("title").asText(),
        root.get("over").asText(),
        root.get("reason").asText(),
        off,
        RuleSetFormat.rules(root, "aim", ids, node -> RuleSetFormat.aimRule(node, document)),
        RuleSetFormat.rules(root, "place", ids, node -> PlaceRuleFormat.read(node, document)));
  }

  /**
   * The same text under another version, laid out for people.
   *
   * @throws FormatProblem as {@link #read}
   */
  public static String withVersion(String json, int version) throws FormatProblem {
    JsonNode root = RuleSetFormat.parse(json);
    if (!(root instanceof ObjectNode object)) {
      throw new FormatProblem("", FormatsWords.notObject());
    }
    object.put("version", version);
    String text;
    try {
      text = JSON.writerWithDefaultPrettyPrinter().writeValueAsString(object);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
    read(text);
    return text;
  }
}
