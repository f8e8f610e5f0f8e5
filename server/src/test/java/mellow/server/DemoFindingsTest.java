package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** What every stage of every demo job says: rule, subject, verdict, margin and its uncertainty. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class DemoFindingsTest {
  private static final List<String> PAGES =
      List.of("", "/take-in", "/parts", "/place", "/feed", "/workshop", "/hand-over");
  private static final List<String> SETTLED =
      List.of(
          "version",
          "vehicleId",
          "bayId",
          "work",
          "ruleSet",
          "traffic",
          "units",
          "school",
          "labelTyped",
          "stanceChanged",
          "frontClosed",
          "markEdge",
          "markOrigin",
          "tapeWidthMm");

  @LocalServerPort private int port;

  private Api api() {
    return new Api("http://127.0.0.1:" + port, "Runa");
  }

  private Iterable<JsonNode> jobs() {
    return api().get("/api/yard?limit=100").body().get("rows");
  }

  private SortedSet<String> findings() {
    SortedSet<String> rows = new TreeSet<>();
    for (JsonNode job : jobs()) {
      String name = job.get("nickname").asText() + ", " + job.get("work").asText();
      for (String page : PAGES) {
        JsonNode body =
            Api.expect(api().get("/api/jobs/" + job.get("jobId").asText() + page), 200).body();
        collect(body, name + "\t" + page, rows);
      }
    }
    return rows;
  }

  private static void collect(JsonNode node, String where, SortedSet<String> rows) {
    if (node.has("verdict") && node.has("headline") && node.has("id")) {
      rows.add(
          String.join(
              "\t",
              where,
              node.get("id").asText(),
              node.get("verdict").asText(),
              figure(node.path("margin")),
              figure(node.path("uncertainty"))));
    }
    node.properties().stream()
        // several hundred findings on plans that nobody took
        .filter(field -> !field.getKey().equals("plans") && !field.getKey().equals("proposals"))
        .forEach(field -> collect(field.getValue(), where, rows));
    if (node.isArray()) {
      node.forEach(child -> collect(child, where, rows));
    }
  }

  private static String figure(JsonNode figure) {
    return figure.isObject() ? "%.4f".formatted(figure.get("value").asDouble()) : "-";
  }

  /**
   * Against what the demo said before findings had subjects and readings their own ±, and against
   * what it says with every job in other units: the ± of a reading is the reading's. A change that
   * is meant is a line of the file, and told in the commit.
   */
  @Test
  void theDemoSaysWhatItSaidBeforeInWhateverUnits() throws IOException {
    SortedSet<String> now = findings();
    Files.write(Path.of("target", "demo-findings.tsv"), now);
    try (InputStream kept = getClass().getResourceAsStream("demo-findings.tsv")) {
      List<String> before =
          new String(kept.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
      assertThat(now).containsExactlyElementsOf(before).hasSizeGreaterThan(400);
    }
    int flipped = 0;
    for (JsonNode job : jobs()) {
      flipped += flip(job.get("jobId").asText()) ? 1 : 0;
    }
    assertThat(flipped).isGreaterThan(10);
    assertThat(findings()).containsExactlyElementsOf(now);
  }

  private boolean flip(String id) {
    JsonNode job = api().get("/api/jobs/" + id).body().get("job");
    if (job.hasNonNull("closedAt")) {
      return false;
    }
    ObjectNode edit = ((ObjectNode) job.deepCopy()).retain(SETTLED);
    edit.put("units", job.get("units").asText().equals("METRIC") ? "IMPERIAL" : "METRIC");
    Api.expect(api().put("/api/jobs/" + id, edit), 200);
    return true;
  }
}
