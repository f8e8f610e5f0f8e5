package mellow.core.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellow.core.photometry.points.TestTable;
import mellow.core.photometry.points.TestTable.Demand;
import mellow.core.photometry.points.TestTable.Direction;
import mellow.core.photometry.points.TestTable.Over;
import mellow.core.photometry.wall.BeamCutoff.Flat;

/** The photometric tests that ship with the product, read once. */
public final class TestTables {
  private static final ObjectMapper JSON = new ObjectMapper();

  private static final List<TestTable> ALL =
      List.of("un-r112-b", "un-r19-f3", "un-r87", "us-fmvss-108-vol").stream()
          .map(TestTables::load)
          .toList();

  private TestTables() {}

  public static List<TestTable> all() {
    return ALL;
  }

  public static Optional<TestTable> byId(String id) {
    return ALL.stream().filter(table -> table.id().equals(id)).findFirst();
  }

  private static TestTable load(String id) {
    try {
      JsonNode root = JSON.readTree(Resources.text("/mellow/points/" + id + ".json"));
      JsonNode cutoff = root.path("cutoff");
      List<Demand> demands = new ArrayList<>();
      root.get("demands").forEach(node -> demands.add(demand(node)));
      return new TestTable(
          root.get("id").asText(),
          root.get("title").asText(),
          cutoff.isMissingNode()
              ? Optional.empty()
              : Optional.of(
                  new TestTable.Cutoff(
                      Flat.valueOf(RuleSetFormat.constant(cutoff.get("flat"))),
                      cutoff.get("heightDeg").asDouble())),
          demands,
          RuleSetFormat.source(root, root.get("document")),
          root.get("note").asText());
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(id, e);
    }
  }

  private static Demand demand(JsonNode node) {
    List<Direction> where = new ArrayList<>();
    node.get("where")
        .forEach(at -> where.add(new Direction(at.get(0).asDouble(), at.get(1).asDouble())));
    return new Demand(
        node.get("name").asText(),
        where,
        node.has("over") ? Over.valueOf(RuleSetFormat.constant(node.get("over"))) : Over.ALL,
        RuleSetFormat.number(node, "least"),
        RuleSetFormat.number(node, "most"));
  }
}
