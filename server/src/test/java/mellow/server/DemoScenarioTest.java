package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** The demo has a job in each state that a view has to show. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class DemoScenarioTest {
  @LocalServerPort private int port;

  private Api api() {
    return new Api("http://127.0.0.1:" + port, "Runa");
  }

  @Test
  void jobsStandInEveryState() {
    Map<String, JsonNode> next = new HashMap<>();
    JsonNode rows = api().get("/api/yard?limit=100").body().get("rows");
    rows.forEach(row -> next.put(row.get("nickname").asText(), row.get("next")));
    assertThat(rows.size()).isGreaterThanOrEqualTo(6);
    assertThat(next.get("library van 1").get("action").asText()).isEqualTo("MEASURE_DISTANCE");
    assertThat(next.get("valley bus 7").get("verdict").asText()).isEqualTo("NOT_KNOWN");
    assertThat(next.get("library van 3").get("action").asText()).isEqualTo("TURN_AND_READ");
    assertThat(next.get("library van 3").get("side").asText()).isEqualTo("RIGHT");
    assertThat(next.get("snow patrol 1").get("verdict").asText()).isEqualTo("OUT");
    assertThat(next.get("midwife's estate").get("action").asText()).isEqualTo("READ_CUTOFF");
    assertThat(next.get("Ilse's roadster").at("/headline/pattern").asText())
        .contains("Too close to the wall");
    assertThat(next.get("Marten's hatch").get("verdict").asText()).isEqualTo("WITHIN");
    assertThat(next.get("road crew 2").get("verdict").asText()).isEqualTo("WITHIN");
  }

  @Test
  void baysAreTwistedShortAndSloped() {
    Map<String, JsonNode> floors = new HashMap<>();
    for (JsonNode bay : api().get("/api/bays").body()) {
      floors.put(
          bay.get("name").asText(),
          api().get("/api/bays/" + bay.get("id").asText()).body().get("floor"));
    }
    assertThat(floors).hasSize(3);
    assertThat(finding(floors.get("Hall"), "floor.twist")).isEqualTo("OUT");
    assertThat(finding(floors.get("Annex"), "floor.twist")).isEqualTo("WITHIN");
    assertThat(floors.get("Yard wall").at("/plane/riseForward/value").asDouble()).isLessThan(-1);
  }

  private static String finding(JsonNode floor, String id) {
    for (JsonNode finding : floor.get("findings")) {
      if (finding.get("id").asText().equals(id)) {
        return finding.get("verdict").asText();
      }
    }
    throw new AssertionError(id);
  }

  @Test
  void everybodyWhoReadSomethingCanBePicked() {
    assertThat(api().get("/api/shop").body().get("people").findValuesAsText("name"))
        .containsExactly("Ilse", "Marten", "Runa");
  }
}
