package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A shop's own rules over HTTP: kept by version, refused with the place, confirmed, pinned. */
@ServerTest
class RulebookApiTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static String file(String id, String over, double lowest) {
    return """
        {"id":"%s","version":1,"title":"Own %s","over":"%s","reason":"agreed with the inspection",
         "aim":[{"id":"un-r48.dipped.below-800","lamps":["un-dipped"],
                 "height":{"of":"lower-edge","belowMm":800},"unit":"percent",
                 "limits":{"lowest":%s,"highest":-0.5},"aim":-1.25,"clause":"agreement"}]}
        """
        .formatted(id, id, over, lowest);
  }

  private Api.Answer keep(String id, int version, String file) {
    return api.put("/api/rule-sets/" + id, Map.of("version", version, "file", file));
  }

  private static JsonNode set(JsonNode sets, String id) {
    for (JsonNode set : sets) {
      if (set.get("id").asText().equals(id)) {
        return set;
      }
    }
    throw new AssertionError(id);
  }

  private static double lowest(JsonNode set) {
    for (JsonNode rule : set.get("aim")) {
      if (rule.get("id").asText().equals("un-r48.dipped.below-800")) {
        return rule.at("/lowest/value").asDouble();
      }
    }
    throw new AssertionError(set);
  }

  @Test
  void aLocalSetIsKeptExportedAndTakenInAgainWithoutLoss() {
    JsonNode kept =
        set(Api.expect(keep("own-a", 0, file("own-a", "un-r48", -2)), 200).body(), "own-a");
    assertThat(lowest(kept)).isEqualTo(-2);
    assertThat(kept.at("/local/changedBy").asText()).isEqualTo("Åsa");
    String exported = api.get("/api/rule-sets/own-a/file").raw().body();
    JsonNode again = set(Api.expect(keep("own-a", 1, exported), 200).body(), "own-a");
    assertThat(again).isEqualTo(kept);
    assertThat(api.get("/api/rule-sets/own-a/file").raw().body()).isEqualTo(exported);

    Api.Answer stale =
        api.as("Marten")
            .put(
                "/api/rule-sets/own-a",
                Map.of("version", 0, "file", file("own-a", "un-r48", -2.2)));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(lowest(stale.body().get("current"))).isEqualTo(-2);
  }

  @Test
  void whatCannotHoldIsRefusedWithThePlaceAndNothingIsKept() {
    refused(keep("own-b", 0, file("own-b", "own-b", -2)), "rules.overItself", "/over");
    refused(
        keep("own-b", 0, file("own-b", "un-r48", -0.4)),
        "formats.because",
        "/aim/0",
        "−0.400 must be below the highest −0.500");
    refused(keep("own-b", 0, "{\"id\":\"own-b\"}"), "formats.missing", "title");
    assertThat(keep("own-b", 0, "[".repeat(100_000)).status()).isEqualTo(422);
    refused(keep("un-r48", 0, file("un-r48", "fitters", -2)), "rules.builtIn");
    assertThat(api.get("/api/rule-sets/own-b").status()).isEqualTo(404);
  }

  /** A set that another stands on is not changed so that the other falls. */
  @Test
  void setsStandOnEachOtherButNotInACircle() {
    keep("own-c", 0, file("own-c", "un-r48", -2));
    Api.expect(keep("own-d", 0, file("own-d", "own-c", -1.9)), 200);
    refused(keep("own-c", 1, file("own-c", "own-d", -2)), "rules.overItself", "own-c → own-d");
  }

  @Test
  void aConfirmedRuleLosesItsMarkForThisShop() {
    Map<String, String> edit =
        Map.of("setId", "un-r48", "ruleId", "un-r48.fog.b", "place", "revision 12, page 41");
    String id = Api.newId();
    api.put("/api/rule-confirmations/" + id, edit);
    JsonNode sets = Api.expect(api.put("/api/rule-confirmations/" + id, edit), 200).body();
    JsonNode rule =
        set(sets, "un-r48").get("aim").findParents("byMakersChoice").stream()
            .filter(one -> one.get("id").asText().equals("un-r48.fog.b"))
            .findFirst()
            .orElseThrow();
    assertThat(rule.at("/source/mark").asText()).isEqualTo("PUBLISHED");
    assertThat(rule.at("/source/reference").asText()).contains("Åsa", "revision 12, page 41");
    Map<String, String> unknown = Map.of("setId", "un-r48", "ruleId", "x.y", "place", "p");
    assertThat(api.put("/api/rule-confirmations/" + Api.newId(), unknown).status()).isEqualTo(422);
  }

  @Test
  void aJobKeepsTheVersionItWasJudgedByUntilTheNewerIsTaken() {
    keep("own-e", 0, file("own-e", "un-r48", -2));
    String job = api.newJob("Orlo Drift", Map.of("ruleSet", "own-e"));
    keep("own-e", 1, file("own-e", "un-r48", -1.5));
    JsonNode newer = api.get("/api/jobs/" + job).body().at("/newerRules/0");
    assertThat(newer.get("kept").asInt()).isEqualTo(1);
    assertThat(newer.get("latest").asInt()).isEqualTo(2);
    assertThat(newer.get("differences").toString())
        .contains("−2 to −0.5 %", "becomes −1.5 to −0.5 %");

    String another = api.newJob("Orlo Drift", Map.of("ruleSet", "own-e"));
    assertThat(api.get("/api/jobs/" + another).body().get("newerRules")).isEmpty();

    JsonNode taken = Api.expect(api.put("/api/jobs/" + job + "/rules/own-e", Map.of()), 200).body();
    assertThat(taken.get("newerRules")).isEmpty();
    assertThat(api.put("/api/jobs/" + job + "/rules/nothing", Map.of()).status()).isEqualTo(404);
  }

  /** What a set stands on is kept with it: a changed base does not change a judged job unseen. */
  @Test
  void aJobKeepsTheVersionOfWhatItsSetStandsOn() {
    keep("own-f", 0, file("own-f", "un-r48", -2));
    String onTop =
        """
        {"id":"own-g","version":1,"title":"On top","over":"own-f","reason":"fog lamps elsewhere",
         "off":["un-r48.fog.b"]}""";
    Api.expect(keep("own-g", 0, onTop), 200);
    String job = api.newJob("Orlo Drift", Map.of("ruleSet", "own-g"));
    keep("own-f", 1, file("own-f", "un-r48", -1.5));
    JsonNode newer = api.get("/api/jobs/" + job).body().get("newerRules");
    assertThat(newer.findValuesAsText("setId")).containsExactly("own-f");
    Api.expect(api.put("/api/jobs/" + job + "/rules/own-g", Map.of()), 200);
    assertThat(api.get("/api/jobs/" + job).body().get("newerRules")).isEmpty();
  }
}
