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
import mellow.server.testing.Api;
import mellow.server.testing.FindingRows;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** What every stage of every demo job says: rule, subject, verdict, margin and its uncertainty. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class DemoFindingsTest {
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

  private FindingRows rows() {
    return new FindingRows(api());
  }

  /**
   * Against what the demo said before findings had subjects and readings their own ±, and against
   * what it says with every job in other units: the ± of a reading is the reading's. A change that
   * is meant is a line of the file, and told in the commit.
   */
  @Test
  void theDemoSaysWhatItSaidBeforeInWhateverUnits() throws IOException {
    SortedSet<String> now = rows().all();
    Files.write(Path.of("target", "demo-findings.tsv"), now);
    try (InputStream kept = getClass().getResourceAsStream("demo-findings.tsv")) {
      List<String> before =
          new String(kept.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
      assertThat(now).containsExactlyElementsOf(before).hasSizeGreaterThan(400);
    }
    int flipped = 0;
    for (JsonNode job : rows().jobs()) {
      flipped += flip(job.get("jobId").asText()) ? 1 : 0;
    }
    assertThat(flipped).isGreaterThan(10);
    assertThat(rows().all()).containsExactlyElementsOf(now);
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
