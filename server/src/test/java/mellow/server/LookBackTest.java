package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** Looking back: each figure is counted by hand from what the jobs noted. */
@ServerTest
@TestPropertySource(properties = "spring.application.name=look-back")
class LookBackTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
  }

  private String job(String nickname, Map<String, Integer> minutes, Integer told) {
    String job = api.newJob("Quenby " + nickname, Map.of());
    Map<String, Object> found =
        new HashMap<>(
            Map.of("notes", List.of(), "minutes", minutes, "partsCost", "", "lookBack", ""));
    if (told != null) {
      found.put("estimateMinutes", told);
    }
    Api.expect(api.put("/api/jobs/" + job + "/found", Map.of("version", 0, "found", found)), 200);
    return job;
  }

  private String write(String job, String part, Map<String, ?> what) {
    String id = Api.newId();
    Api.expect(
        api.put(
            "/api/jobs/" + job + "/workshop/" + id,
            Map.of("stage", "APART", "waitedMs", 0, part, what)),
        200);
    return id;
  }

  private static Map<String, Object> row(int count, String kind, boolean hidden) {
    Map<String, Object> row =
        new HashMap<>(
            Map.of(
                "count", count, "kind", kind, "asFound", "SOUND", "hidden", hidden, "people", 1));
    for (String text : "name size thread where tray holds note".split(" ")) {
      row.put(text, "");
    }
    return row;
  }

  private void drivingPodOnTheFogCircuit(String job) {
    Map<String, ?> pod =
        Map.of(
            "id", "pod",
            "name", "pod",
            "neededFor", "APART",
            "checks", Map.of(),
            "outcome", "FITS",
            "with", "",
            "light",
                Map.of(
                    "circuit", "FRONT_FOG",
                    "pattern", "DRIVING",
                    "kelvin", 4300,
                    "lens", "CLEAR"));
    Map<String, ?> parts =
        Map.of("parts", List.of(pod), "plugs", List.of(), "candidates", List.of(), "why", "");
    Api.expect(api.put("/api/jobs/" + job + "/parts", Map.of("version", 0, "parts", parts)), 200);
  }

  private static JsonNode of(JsonNode list, String field, String value) {
    for (JsonNode one : list) {
      if (one.get(field).asText().equals(value)) {
        return one;
      }
    }
    throw new AssertionError(value + " is not in " + list);
  }

  @Test
  void timesTroublesAndRulesAreCounted() {
    String first = job("Loft", Map.of("APART", 40, "WALL", 30), 60);
    String second = job("Lantern", Map.of("APART", 95, "WALL", 50), 120);
    job("Wick", Map.of("APART", 60), null);

    String clips = write(first, "out", row(6, "CLIP_PULL", false));
    write(first, "move", Map.of("row", clips, "move", "BROKEN", "count", 2));
    String others = write(second, "out", row(4, "CLIP_PULL", false));
    write(second, "move", Map.of("row", others, "move", "BROKEN", "count", 1));
    write(second, "out", row(1, "BOLT", true));
    drivingPodOnTheFogCircuit(first);
    drivingPodOnTheFogCircuit(second);

    JsonNode back = Api.expect(api.get("/api/history/look-back"), 200).body();
    assertThat(back.get("jobs").asInt()).isEqualTo(3);
    JsonNode apart = of(back.get("times"), "stage", "APART");
    assertThat(apart.get("middle").asDouble()).as("the middle of 40, 60, 95").isEqualTo(60);
    assertThat(apart.get("most").asDouble()).isEqualTo(95);
    assertThat(apart.get("jobs").asInt()).isEqualTo(3);
    assertThat(of(back.get("times"), "stage", "WALL").get("middle").asDouble())
        .as("between 30 and 50")
        .isEqualTo(40);
    assertThat(back.get("estimates")).as("who told nothing is left out").hasSize(2);
    assertThat(of(back.get("estimates"), "told", "60").get("taken").asInt()).isEqualTo(70);
    assertThat(of(back.get("estimates"), "told", "120").get("taken").asInt()).isEqualTo(145);
    assertThat(back.get("fasteners").findValuesAsText("what"))
        .as("the most first")
        .containsExactly("clip, pin pulled: broken", "bolt: hidden");
    assertThat(back.at("/fasteners/0/count").asInt()).isEqualTo(3);
    JsonNode wrong = back.at("/parts/0");
    assertThat(wrong.get("what").asText()).contains("driving pattern on the circuit of the");
    assertThat(wrong.get("count").asInt()).isEqualTo(2);
    assertThat(back.get("rules")).as("nothing was handed over yet").isEmpty();

    Api.expect(
        api.put("/api/jobs/" + first + "/closed", Map.of("reason", "goes as it is, by its owner")),
        200);
    assertThat(api.get("/api/history/look-back").body().get("rules").findValuesAsText("what"))
        .anyMatch(rule -> rule.contains("driving pattern belongs with main beam"));
  }
}
