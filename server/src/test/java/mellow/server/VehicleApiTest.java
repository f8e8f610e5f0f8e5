package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Vehicles, what is remembered of their screws, people, rule sets, and the page itself. */
@ServerTest
class VehicleApiTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static Map<String, Object> vehicle(int version, String fog) {
    Map<String, Object> edit =
        new HashMap<>(
            Map.of(
                "version",
                version,
                "name",
                "Brask Test",
                "nickname",
                "one",
                "driverSide",
                "LEFT",
                "dipped",
                "UN_DIPPED",
                "steeperByMaker",
                false,
                "wheelbaseMm",
                2700));
    if (fog != null) {
      edit.put("fog", fog);
    }
    return edit;
  }

  private static Map<String, Object> screw(JsonNode view, Map<String, ?> changes) {
    Map<String, Object> edit = new HashMap<>();
    for (String field : List.of("lamp", "side", "axis", "drive", "place", "reach")) {
      edit.put(field, view.get(field).asText());
    }
    edit.put("version", view.get("version").asInt());
    edit.putAll(changes);
    return edit;
  }

  @Test
  void aVehicleStartsWithTwoScrewsALampAndMoreWhenFogsComeOn() {
    String id = Api.newId();
    Api.expect(api.put("/api/vehicles/" + id, vehicle(0, null)), 200);
    String job = Api.newId();
    Api.expect(api.put("/api/jobs/" + job, Api.jobEdit(id)), 200);
    assertThat(api.get("/api/jobs/" + job).body().get("adjusters")).hasSize(4);
    Api.expect(api.put("/api/vehicles/" + id, vehicle(1, "FOG_F3")), 200);
    // the same again, as a page with a bad connection would
    Api.expect(api.put("/api/vehicles/" + id, vehicle(1, "FOG_F3")), 200);
    JsonNode page = api.get("/api/jobs/" + job).body();
    assertThat(page.get("adjusters")).hasSize(8);
    assertThat(page.at("/sheet/pairs")).hasSize(2);
    assertThat(page.at("/vehicle/version").asInt()).isEqualTo(2);
  }

  @Test
  void aRememberedScrewServesTheNextJobOnTheVehicle() {
    String first = api.newJob("Quenby Test", Map.of());
    JsonNode page = api.get("/api/jobs/" + first).body();
    String vehicle = page.at("/vehicle/id").asText();
    JsonNode vertical = null;
    for (JsonNode one : page.get("adjusters")) {
      if (one.get("side").asText().equals("RIGHT") && one.get("axis").asText().equals("VERTICAL")) {
        vertical = one;
      }
    }
    String address = "/api/vehicles/" + vehicle + "/adjusters/" + vertical.get("id").asText();
    Map<String, Object> remembered =
        screw(vertical, Map.of("rememberedRate", -0.5, "drive", "hex 6", "reach", "ALWAYS"));
    assertThat(api.put(address, remembered).body().get("version").asInt()).isEqualTo(2);
    assertThat(api.put(address, remembered).body().get("version").asInt()).isEqualTo(2);
    assertThat(api.as("Bo").put(address, screw(vertical, Map.of("drive", "other"))).status())
        .isEqualTo(409);

    String second = Api.newId();
    Api.expect(api.put("/api/jobs/" + second, Api.jobEdit(vehicle)), 200);
    api.read(second, Api.newId(), "DISTANCE", "RIGHT", "7620");
    api.read(second, Api.newId(), "CENTRE", "RIGHT", "668");
    api.read(second, Api.newId(), "LOWER_EDGE", "RIGHT", "600");
    JsonNode lamp =
        api.read(second, Api.newId(), "CUTOFF_BELOW", "RIGHT", "57.15")
            .body()
            .at("/sheet/pairs/0/right");
    // 0.75 % down, 1.25 asked: 0.5 % at −0.5 % a turn is one turn clockwise
    assertThat(lamp.at("/correction/turns/value").asDouble()).isEqualTo(1);
    assertThat(lamp.at("/correction/says/pattern").asText()).contains("by the remembered rate");
  }

  @Test
  void aScrewBelongsToItsVehicle() {
    String one = api.newJob("Quenby Test", Map.of());
    String other = api.newJob("Quenby Test", Map.of());
    JsonNode screw = api.get("/api/jobs/" + one).body().at("/adjusters/0");
    String wrong = api.get("/api/jobs/" + other).body().at("/vehicle/id").asText();
    Api.Answer answer =
        api.put(
            "/api/vehicles/" + wrong + "/adjusters/" + screw.get("id").asText(),
            screw(screw, Map.of()));
    assertThat(answer.status()).isEqualTo(404);
    refused(answer, "server/vehicle.otherVehicle");
  }

  @Test
  void classesAreHeldToTheirLamps() {
    refused(
        api.put("/api/vehicles/" + Api.newId(), vehicle(0, "SAE_VOR")), "server/vehicle.notFog");
    Map<String, Object> edit = vehicle(0, null);
    edit.put("dipped", "FOG_B");
    refused(api.put("/api/vehicles/" + Api.newId(), edit), "server/vehicle.notLowBeam");
    edit = vehicle(0, null);
    edit.put("wheelbaseMm", -5);
    refused(api.put("/api/vehicles/" + Api.newId(), edit), "server/platform.tooSmall", "500");
  }

  @Test
  void vehiclesArePagedByKey() {
    for (int i = 0; i < 3; i++) {
      api.put("/api/vehicles/" + Api.newId(), vehicle(0, null));
    }
    List<String> seen = new ArrayList<>();
    String before = "ffffffff-ffff-ffff-ffff-ffffffffffff";
    while (true) {
      JsonNode page = api.get("/api/vehicles?limit=2&before=" + before).body();
      if (page.isEmpty()) {
        break;
      }
      page.forEach(row -> seen.add(row.get("id").asText()));
      before = seen.get(seen.size() - 1);
    }
    assertThat(seen).hasSizeGreaterThanOrEqualTo(3).doesNotHaveDuplicates();
    assertThat(seen).isSortedAccordingTo((a, b) -> b.compareTo(a));
  }

  @Test
  void aPersonIsAddedOnce() {
    String name = "Person " + System.nanoTime();
    for (int i = 0; i < 2; i++) {
      Api.expect(api.put("/api/people/" + Api.newId(), Map.of("name", name)), 200);
    }
    assertThat(api.get("/api/shop").body().get("people").findValuesAsText("name"))
        .containsOnlyOnce(name);
  }

  @Test
  void ruleSetsAreShownWithTheirSources() {
    JsonNode set = api.get("/api/rule-sets/un-r48").body();
    assertThat(set.at("/aim/0/highest/value").asDouble()).isEqualTo(-0.5);
    assertThat(set.at("/aim/0/source/words").asText())
        .isEqualTo("from memory, check the current text");
    assertThat(api.get("/api/rule-sets/atlantis").status()).isEqualTo(404);
    assertThat(api.get("/api/rule-set-schema").body().get("title").asText())
        .isEqualTo("Mellow Horizon rule set");
  }

  @Test
  void everyPageHasItsOwnNonce() {
    Api.Answer one = api.get("/");
    Api.Answer two = api.get("/bays/any/depth");
    assertThat(nonce(one)).isNotEqualTo(nonce(two));
    assertThat(one.raw().body()).contains("content=\"" + nonce(one) + "\"");
    assertThat(api.get("/assets/none.js").status()).isEqualTo(404);
    assertThat(api.get("/favicon.svg").status()).isEqualTo(200);
  }

  private static String nonce(Api.Answer page) {
    String policy = page.raw().headers().firstValue("Content-Security-Policy").orElseThrow();
    return policy.replaceAll(".*'nonce-([0-9a-f]+)'.*", "$1");
  }

  @Test
  void aLensIsReadAndNamesTheRuleOfItsAim() {
    JsonNode lens =
        Api.expect(
                api.post(
                    "/api/calc/lens",
                    Map.of("typed", "E4 DC/R ↔ ZZ", "ruleSet", "un-r48", "traffic", "LEFT")),
                200)
            .body();
    assertThat(lens.get("dipped").asText()).isEqualTo("UN_DIPPED");
    assertThat(lens.get("fog")).isNull();
    assertThat(lens.get("aimRules").toString()).contains("6.2.6.1").contains("from memory");
    assertThat(lens.get("findings").toString())
        .contains("“ZZ” is not a mark known here")
        .contains("Its cutoff rises towards the kerb here");
    assertThat(
            api.post(
                    "/api/calc/lens", Map.of("typed", "B", "ruleSet", "fitters", "traffic", "LEFT"))
                .status())
        .isEqualTo(422);
  }

  @Test
  void whatWasChangedOnTheVehicleTipsTheBeamAndVoidsMarksFromBefore() {
    String job = api.newJob("Quenby Lift", Map.of("school", "MATCH_BEFORE"));
    JsonNode page = api.get("/api/jobs/" + job).body();
    assertThat(page.at("/stance/unchanged").asBoolean()).isTrue();
    Map<String, Object> edit = vehicle(1, null);
    edit.putAll(Map.of("wheelbaseMm", 2500, "lampAheadMm", 900));
    Api.expect(api.put("/api/vehicles/" + page.at("/vehicle/id").asText(), edit), 200);
    note(job, "LIFT_FRONT", "60");
    note(job, "LIFT_REAR", "4 cm");
    note(job, "TYRE_FRONT_BEFORE", "235/75 R15");
    page = note(job, "TYRE_FRONT", "235/75R15 105S").body();
    assertThat(page.at("/stance/centreRise/metric").asText()).isEqualTo("67 mm");
    assertThat(page.at("/stance/beamRise/value").asDouble()).isEqualTo(0.8);
    Api.Answer refused = note(job, "TYRE_REAR", "round");
    assertThat(refused.status()).isEqualTo(422);
    refused(refused, "entry.noTyre");
    refused(note(job, "DIAL", "two"), "logbook.dialPosition");
  }

  private Api.Answer note(String job, String kind, String typed) {
    return api.put(
        "/api/jobs/" + job + "/readings/" + Api.newId(),
        Map.of("kind", kind, "typed", typed, "units", "METRIC"));
  }
}
