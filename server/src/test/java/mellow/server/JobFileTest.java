package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** A job's file is taken in again without loss: every job of the demo goes round. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class JobFileTest {
  @LocalServerPort private int port;

  @Test
  void everyJobGoesOutAndComesInTheSame() {
    Api api = new Api("http://127.0.0.1:" + port, "Åsa");
    JsonNode rows = api.get("/api/yard?limit=100").body().get("rows");
    assertThat(rows.size()).isGreaterThanOrEqualTo(12);
    for (JsonNode row : rows) {
      JsonNode file =
          Api.expect(api.get("/api/jobs/" + row.get("jobId").asText() + "/file"), 200).body();
      String copy = Api.newId();
      Api.expect(api.put("/api/jobs/" + copy + "/file", file), 200);
      // sent again: nothing is added
      Api.expect(api.put("/api/jobs/" + copy + "/file", file), 200);
      assertThat(withoutVehicleId(api.get("/api/jobs/" + copy + "/file").body()))
          .as(row.get("nickname").asText())
          .isEqualTo(withoutVehicleId(file));
      JsonNode before = api.get("/api/jobs/" + row.get("jobId").asText()).body();
      JsonNode after = api.get("/api/jobs/" + copy).body();
      assertThat(after.get("readings").findValuesAsText("struckBy"))
          .hasSameSizeAs(before.get("readings").findValuesAsText("struckBy"));
      assertThat(after.get("readings").findValuesAsText("takenBy"))
          .as("a name that came in a file says so")
          .allMatch(name -> name.endsWith(" (from a file)"));
    }
  }

  private static JsonNode withoutVehicleId(JsonNode file) {
    ObjectNode copy = file.deepCopy();
    ((ObjectNode) copy.get("job")).remove("vehicleId");
    return copy;
  }

  /** Findings had no rule and no subject of their own before: closed records hold such ones. */
  @Test
  void aClosedRecordOfAnEarlierVersionIsStillRead() throws Exception {
    Api api = new Api("http://127.0.0.1:" + port, "Åsa");
    ObjectNode file = null;
    for (JsonNode row : api.get("/api/yard?text=van%202").body().get("rows")) {
      file = (ObjectNode) api.get("/api/jobs/" + row.get("jobId").asText() + "/file").body();
    }
    JsonNode earlier =
        new ObjectMapper()
            .readTree(
                """
                {"id": "aim.limits.right", "verdict": "OUT", "working": [],
                 "headline": {"pattern": "Right lamp too high", "figures": []},
                 "detail": {"pattern": "", "figures": []},
                 "source": {"mark": "DERIVED", "words": "derived", "reference": "x"}}""");
    ((ArrayNode) file.at("/closed/findings")).removeAll().add(earlier);
    String copy = Api.newId();
    Api.expect(api.put("/api/jobs/" + copy + "/file", file), 200);
    JsonNode closed = api.get("/api/jobs/" + copy + "/hand-over").body().get("closed");
    assertThat(closed.at("/findings/0/rule").asText()).isEqualTo("aim.limits.right");
    assertThat(closed.at("/findings/0/subject").asText()).isEqualTo("job");
    assertThat(closed.at("/findings/0/headline/pattern").asText()).isEqualTo("Right lamp too high");
  }

  @Test
  void aFileThatPointsOutsideItselfIsRefusedAndNothingOfItStays() {
    Api api = new Api("http://127.0.0.1:" + port, "Åsa");
    JsonNode rows = api.get("/api/yard?limit=100").body().get("rows");
    JsonNode job = null;
    for (JsonNode row : rows) {
      if (row.get("nickname").asText().equals("road crew 2")) {
        job = row;
      }
    }
    ObjectNode file =
        (ObjectNode) api.get("/api/jobs/" + job.get("jobId").asText() + "/file").body();
    ((ObjectNode) file.get("readings").get(0)).put("strikes", 5);
    String copy = Api.newId();
    Api.Answer refused = api.put("/api/jobs/" + copy + "/file", file);
    assertThat(refused.status()).isEqualTo(422);
    refused(refused, "server/jobfile.correctsLater", "0");
    assertThat(api.get("/api/jobs/" + copy).status()).isEqualTo(404);
    ((ObjectNode) file.get("shapes")).put("FEED", 99);
    refused(api.put("/api/jobs/" + copy + "/file", file), "server/jobfile.ofALaterVersion");
    file.remove("shapes");
    file.put("format", "something else");
    refused(api.put("/api/jobs/" + copy + "/file", file), "server/platform.cannotBe", "format");
  }

  @Test
  void aLongLogbookComesInToo() {
    Api api = new Api("http://127.0.0.1:" + port, "Åsa");
    String job = api.newJob("Orlo Drift", Map.of());
    Api.expect(api.read(job, Api.newId(), "CUTOFF_BELOW", "LEFT", "81"), 200);
    ObjectNode file = (ObjectNode) api.get("/api/jobs/" + job + "/file").body();
    ArrayNode readings = file.withArray("readings");
    JsonNode one = readings.get(0);
    for (int more = 1; more < 1990; more++) {
      readings.add(one.deepCopy());
    }
    assertThat(file.toString().length()).isGreaterThan(256 * 1024);
    String copy = Api.newId();
    Api.expect(api.put("/api/jobs/" + copy + "/file", file), 200);
    assertThat(api.get("/api/jobs/" + copy).body().get("readings")).hasSize(1990);
  }
}
