package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The stage "Parts" over HTTP: started from the work wanted, judged, and making stages wait. */
@ServerTest
class PartsApiTest {
  @LocalServerPort private int port;
  private Api api;
  private String job;

  @BeforeEach
  void takeAFogJobIn() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
    job = api.newJob("Quenby Lantern", Map.of());
    Map<String, Object> takeIn =
        Map.of(
            "customer",
            "",
            "kinds",
            List.of("FOG"),
            "wants",
            "",
            "access",
            "BUMPER_OFF",
            "secondSet",
            false,
            "headlampsLoosened",
            false,
            "changes",
            List.of(),
            "changesNote",
            "",
            "checks",
            List.of());
    Api.expect(
        api.put("/api/jobs/" + job + "/take-in", Map.of("version", 0, "takeIn", takeIn)), 200);
  }

  private static Map<String, Object> list(List<?> parts, List<?> plugs) {
    return new HashMap<>(
        Map.of("parts", parts, "plugs", plugs, "candidates", List.of(), "why", ""));
  }

  private Api.Answer keep(int version, Map<String, Object> parts) {
    return api.put("/api/jobs/" + job + "/parts", Map.of("version", version, "parts", parts));
  }

  private static Map<String, Object> lamp(String outcome) {
    return Map.of(
        "id", "fog-left",
        "name", "fog lamp",
        "side", "LEFT",
        "neededFor", "APART",
        "checks", Map.of("HERE", "RIGHT"),
        "outcome", outcome,
        "with", "",
        "light",
            Map.of(
                "circuit", "FRONT_FOG",
                "pattern", "DRIVING",
                "kelvin", 4300,
                "lens", "CLEAR"));
  }

  @Test
  void theUsualPartsOfTheWorkAreProposedAndCanBeKeptAsTheyAre() {
    JsonNode page = api.get("/api/jobs/" + job + "/parts").body();
    assertThat(page.get("usual").findValuesAsText("id")).contains("fog-lamp-left", "switch");
    Map<String, Object> parts = list(List.of(), List.of());
    parts.put("parts", page.get("usual"));
    assertThat(Api.expect(keep(0, parts), 200).body().get("parts").get("parts"))
        .isEqualTo(page.get("usual"));
  }

  @Test
  void whatGoesBackMakesItsStageWaitInThePlanToo() {
    JsonNode page = Api.expect(keep(0, list(List.of(lamp("GOES_BACK")), List.of())), 200).body();
    assertThat(page.at("/sheet/waiting/APART/0").asText()).isEqualTo("fog lamp, left");
    assertThat(page.at("/sheet/findings").findValuesAsText("id"))
        .contains(
            "parts.part@part:fog-left",
            "parts.pattern@part:fog-left",
            "parts.colour@part:fog-left");
    JsonNode plan = api.get("/api/jobs/" + job + "/take-in").body().get("plan");
    JsonNode apart =
        plan.get("stages").findParents("stage").stream()
            .filter(stage -> stage.get("stage").asText().equals("APART"))
            .findFirst()
            .orElseThrow();
    assertThat(apart.at("/waitsFor/0").asText()).isEqualTo("fog lamp, left");
  }

  @Test
  void aListThatContradictsItselfIsRefusedAndTheOldOneStays() {
    keep(0, list(List.of(lamp("FITS")), List.of()));
    Map<String, Object> plug =
        Map.of(
            "id", "a",
            "label", "option",
            "socket", "",
            "family", "",
            "gender", "MALE",
            "adapter", "",
            "use", "OPTION",
            "matesWith", "nowhere",
            "done", Map.of());
    Api.Answer lost = keep(1, list(List.of(lamp("FITS")), List.of(plug)));
    assertThat(lost.status()).isEqualTo(422);
    refused(lost, "server/parts.contradicts", "option");
    refused(
        keep(1, list(List.of(lamp("FITS"), lamp("FITS")), List.of())),
        "server/parts.contradicts",
        "an id appears twice");
    JsonNode page = api.get("/api/jobs/" + job + "/parts").body();
    assertThat(page.get("version").asInt()).isEqualTo(1);
    assertThat(
            api.as("Marten")
                .put(
                    "/api/jobs/" + job + "/parts",
                    Map.of("version", 0, "parts", list(List.of(), List.of())))
                .status())
        .isEqualTo(409);
  }

  @Test
  void partsAreJudgedWithoutMemoryByTheMarketOfTheRules() {
    Map<String, Object> request =
        Map.of(
            "ruleSet",
            "un-r48",
            "traffic",
            "RIGHT",
            "parts",
            list(List.of(lamp("FITS")), List.of()));
    JsonNode sheet = Api.expect(api.post("/api/calc/parts", request), 200).body();
    assertThat(sheet.at("/asks/fog-left").findValuesAsText("ask")).contains("SIDE", "BULBS");
  }

  private Api.Answer lastChange() {
    return api.get("/api/jobs/" + job + "/last-change/PARTS");
  }

  /** Puts back what the last change changed, and says what is kept then. */
  private JsonNode undo() {
    JsonNode last = Api.expect(lastChange(), 200).body();
    Map<String, Object> put = new HashMap<>();
    put.put("version", last.get("version"));
    put.put("parts", last.get("before"));
    return Api.expect(api.put("/api/jobs/" + job + "/parts", put), 200).body().get("parts");
  }

  @Test
  void itsChangesAreUndoneOneByOne() {
    refused(lastChange(), "server/job.noChange");
    JsonNode nothing = api.get("/api/jobs/" + job + "/parts").body().get("parts");
    JsonNode open =
        Api.expect(keep(0, list(List.of(lamp("OPEN")), List.of())), 200).body().get("parts");
    Api.expect(keep(1, list(List.of(lamp("FITS")), List.of())), 200);
    JsonNode offered = Api.expect(lastChange(), 200).body();
    assertThat(offered.get("by").asText()).isEqualTo("Åsa");
    assertThat(offered.get("differences")).hasSize(1);
    assertThat(undo()).isEqualTo(open);
    assertThat(undo()).isEqualTo(nothing);
    refused(lastChange(), "server/job.noChange");
    Api.expect(keep(4, list(List.of(lamp("GOES_BACK")), List.of())), 200);
    assertThat(undo()).isEqualTo(nothing);
    refused(lastChange(), "server/job.noChange");
    // what was undone stays in the record, struck
    JsonNode lines = api.get("/api/jobs/" + job + "/record").body().get("lines");
    long struck =
        StreamSupport.stream(lines.spliterator(), false)
            .filter(line -> line.hasNonNull("struckBy"))
            .count();
    assertThat(struck).isEqualTo(3);
  }

  @Test
  void whatWasKeptAsItStoodIsNoChange() {
    Api.expect(keep(0, list(List.of(), List.of())), 200);
    refused(lastChange(), "server/job.noChange");
  }

  @Test
  void somebodyElsesChangeIsNotUndoneUnseen() {
    Api.expect(keep(0, list(List.of(lamp("OPEN")), List.of())), 200);
    JsonNode seen = Api.expect(lastChange(), 200).body();
    Api.expect(keep(1, list(List.of(lamp("FITS")), List.of())), 200);
    Map<String, Object> put = new HashMap<>();
    put.put("version", seen.get("version"));
    put.put("parts", seen.get("before"));
    assertThat(api.put("/api/jobs/" + job + "/parts", put).status()).isEqualTo(409);
  }
}
