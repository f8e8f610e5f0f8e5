package mellow.server;

import static mellow.server.testing.Api.refused;
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

/** The stage "Take in" over HTTP: what is wanted, the plan, and what was done before. */
@ServerTest
class TakeInApiTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static Map<String, Object> takeIn(String... kinds) {
    return new HashMap<>(
        Map.of(
            "customer",
            "bus cooperative",
            "kinds",
            List.of(kinds),
            "wants",
            "too dark",
            "access",
            "BUMPER_OFF",
            "secondSet",
            false,
            "headlampsLoosened",
            false,
            "changes",
            List.of("TYRES"),
            "changesNote",
            "",
            "checks",
            List.of(check("DIPPED", "DEAD"))));
  }

  private static Map<String, Object> check(String function, String state) {
    return Map.of("function", function, "side", "LEFT", "state", state, "tries", 0);
  }

  private Api.Answer keep(String job, int version, Map<String, Object> takeIn) {
    return api.put("/api/jobs/" + job + "/take-in", Map.of("version", version, "takeIn", takeIn));
  }

  private static List<String> verdicts(JsonNode page, String id) {
    return page.get("findings").findParents("verdict").stream()
        .filter(finding -> finding.get("id").asText().startsWith(id))
        .map(finding -> finding.get("verdict").asText())
        .toList();
  }

  @Test
  void theWorkWantedBringsItsStagesAndTyresAreOpenUntilNotedAtAsItCame() {
    String job = api.newJob("Sollen Ambit", Map.of());
    JsonNode page = Api.expect(keep(job, 0, takeIn("DRL")), 200).body();
    assertThat(page.get("plan").get("stages").findValuesAsText("stage"))
        .contains("PLACE")
        .doesNotContain("BENCH", "WALL");
    assertThat(verdicts(page, "take-in.works@lamp:DIPPED:LEFT")).containsExactly("OUT");
    assertThat(verdicts(page, "take-in.change@change:TYRES")).containsExactly("NOT_KNOWN");
    for (String kind : List.of("TYRE_FRONT_BEFORE", "TYRE_FRONT")) {
      String tyre = kind.equals("TYRE_FRONT") ? "215/65 R16" : "205/60 R16";
      Api.expect(api.read(job, Api.newId(), kind, null, tyre), 200);
    }
    JsonNode noted = api.get("/api/jobs/" + job + "/take-in").body();
    assertThat(verdicts(noted, "take-in.change@change:TYRES")).containsExactly("WITHIN");
  }

  @Test
  void anEarlierJobOnTheSameModelTellsWhatItFoundAndHowLongItTook() {
    String earlier = api.newJob("Quenby Found", Map.of());
    keep(earlier, 0, takeIn("FOG"));
    Map<String, Object> found =
        Map.of(
            "notes",
            List.of(Map.of("about", "HIDDEN_BOLT", "words", "<b>behind</b> the liner {0}")),
            "minutes",
            Map.of("APART", 95),
            "partsCost",
            "",
            "lookBack",
            "");
    Api.expect(
        api.put("/api/jobs/" + earlier + "/found", Map.of("version", 0, "found", found)), 200);

    String job = api.newJob("Quenby Found", Map.of());
    JsonNode page = Api.expect(keep(job, 0, takeIn("FOG")), 200).body();
    JsonNode before = page.get("doneBefore").get(0);
    assertThat(before.get("jobId").asText()).isEqualTo(earlier);
    assertThat(before.get("why").toString()).contains("the same model", "fog lamps too");
    assertThat(before.at("/found/notes/0/words").asText()).isEqualTo("<b>behind</b> the liner {0}");
    JsonNode apart =
        page.get("plan").get("stages").findParents("stage").stream()
            .filter(stage -> stage.get("stage").asText().equals("APART"))
            .findFirst()
            .orElseThrow();
    assertThat(apart.at("/expected/minutes/value").asDouble()).isEqualTo(95);
    assertThat(apart.at("/expected/source/mark").asText()).isEqualTo("DERIVED");
  }

  @Test
  void aStaleTakeInIsAnsweredWithTheirsAndARepeatedOneChangesNothing() {
    String job = api.newJob("Orlo Drift", Map.of());
    keep(job, 0, takeIn("FOG"));
    assertThat(keep(job, 0, takeIn("FOG")).body().get("version").asInt()).isEqualTo(1);
    Api.Answer stale =
        api.as("Marten")
            .put("/api/jobs/" + job + "/take-in", Map.of("version", 0, "takeIn", takeIn("AIM")));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().at("/current/takeIn/kinds/0").asText()).isEqualTo("FOG");
  }

  @Test
  void whatCannotBeIsRefusedWithASentence() {
    String job = api.newJob("Orlo Drift", Map.of());
    Map<String, Object> twice = takeIn("FOG");
    twice.put("checks", List.of(check("DIPPED", "DEAD"), check("DIPPED", "WORKS")));
    Api.Answer answer = keep(job, 0, twice);
    assertThat(answer.status()).isEqualTo(422);
    refused(answer, "server/takein.twice");
    assertThat(keep(job, 0, takeIn("TELEPORT")).status()).isIn(400, 422);
    Map<String, Object> found =
        Map.of("notes", List.of(), "minutes", Map.of("WALL", -5), "partsCost", "", "lookBack", "");
    refused(
        api.put("/api/jobs/" + job + "/found", Map.of("version", 0, "found", found)),
        "server/platform.tooSmall",
        "0");
  }
}
