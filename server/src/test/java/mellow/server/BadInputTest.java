package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Whatever comes in, the answer is a problem document with a sentence, never a stack trace. */
@ServerTest
class BadInputTest {
  @LocalServerPort private int port;
  private Api api;
  private String job;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
    job = api.newJob("Sollen Test", Map.of());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "CENTRE | LEFT | 12 furlongs | entry.noLengthUnit",
        "CENTRE | LEFT | 1.2 % | entry.noLengthUnit",
        "DISTANCE | LEFT | 0 | logbook.moreThanZero",
        "DISTANCE | LEFT | -6100 | logbook.moreThanZero",
        "DISTANCE | LEFT | NaN | entry.numberExpected",
        "DISTANCE | LEFT | 1e300 | entry.noLengthUnit",
        "DISTANCE | LEFT | 999999999 | entry.kilometre",
        "DISTANCE | LEFT | 61 km | entry.noLengthUnit",
        "DISTANCE | LEFT | 100 m | logbook.impossible",
        "CENTRE | LEFT | <script>alert(1)</script> | entry.numberExpected",
        "CENTRE |  | 668 | server/logbook.ofSide",
        "SPACING | LEFT | 1200 | server/logbook.ofSide",
        "TURN | LEFT | 1 | server/logbook.ofScrew",
        "FLOOR_FRONT_LEFT |  | 3 | server/logbook.readOf",
      })
  void aReadingThatCannotBeIsRefusedWithASentence(
      String kind, String side, String typed, String why) {
    Api.Answer answer = api.read(job, Api.newId(), kind, side, typed);
    assertThat(answer.status()).isEqualTo(422);
    refused(answer, why);
    assertThat(answer.body().get("field").asText()).isNotBlank();
    assertThat(api.get("/api/jobs/" + job).body().get("readings")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{ | 400",
        "[] | 400",
        "null | 400",
        "{\"kind\":\"HOROSCOPE\",\"typed\":\"1\",\"units\":\"METRIC\"} | 400",
        "{\"kind\":\"SPACING\",\"typed\":1200,\"units\":\"METRIC\",\"extra\":1} | 400",
        "{\"typed\":\"1\",\"units\":\"METRIC\"} | 422",
        "{\"kind\":\"SPACING\",\"units\":\"METRIC\"} | 422",
      })
  void wrongJsonIsNamed(String body, int status) {
    Api.Answer answer = api.put("/api/jobs/" + job + "/readings/" + Api.newId(), body);
    assertThat(answer.status()).isEqualTo(status);
    assertThat(answer.detail()).isNotBlank().doesNotContain("Exception", "mellow.");
    assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
  }

  @Test
  void overlongTextsAreRefused() {
    refused(
        api.read(job, Api.newId(), "CENTRE", "LEFT", "6".repeat(61)),
        "server/platform.tooLong",
        "60");
    Map<String, Object> edit = Api.jobEdit(vehicle());
    edit.put("version", 1);
    edit.put("work", "x".repeat(121));
    refused(api.put("/api/jobs/" + job, edit), "server/platform.tooLong", "120");
    assertThat(api.put("/api/jobs/" + job, "\"" + "x".repeat(300_000) + "\"").status())
        .isEqualTo(413);
    refused(
        api.as("n".repeat(61)).put("/api/jobs/" + job, edit), "server/platform.nameTooLong", "60");
  }

  @Test
  void unknownAndMalformedIdsAreSaid() {
    assertThat(api.get("/api/jobs/" + Api.newId()).status()).isEqualTo(404);
    refused(api.get("/api/jobs/1"), "server/platform.cannotBe");
    assertThat(api.get("/api/jobs/" + Api.newId() + "%00").status()).isBetween(400, 422);
    assertThat(api.get("/api/nothing").status()).isEqualTo(404);
    refused(api.get("/api/yard?limit=100000"), "server/platform.tooLarge", "100");
    refused(api.get("/api/yard?after=yesterday"), "server/platform.cannotBe", "after");
    Map<String, Object> edit = Api.jobEdit(Api.newId());
    refused(api.put("/api/jobs/" + Api.newId(), edit), "server/vehicle.noVehicle");
    edit = Api.jobEdit(vehicle());
    edit.put("version", 1);
    edit.put("ruleSet", "atlantis");
    refused(api.put("/api/jobs/" + job, edit), "server/rulebook.noAimSet", "atlantis", "un-r48");
  }

  @Test
  void versionsThatNeverWereAreRefused() {
    Map<String, Object> edit = Api.jobEdit(vehicle());
    edit.put("work", "other");
    for (int version : List.of(0, 7)) {
      edit.put("version", version);
      assertThat(api.put("/api/jobs/" + job, edit).status()).isEqualTo(409);
    }
    edit.put("version", -1);
    assertThat(api.put("/api/jobs/" + job, edit).status()).isEqualTo(422);
  }

  @Test
  void aCorrectionOfAnotherThingIsRefused() {
    String centre = Api.newId();
    api.read(job, centre, "CENTRE", "LEFT", "668");
    Map<String, Object> wrong =
        Map.of(
            "kind", "CENTRE", "side", "RIGHT", "typed", "668", "units", "METRIC", "strikes",
            centre);
    refused(
        api.put("/api/jobs/" + job + "/readings/" + Api.newId(), wrong), "server/record.sameThing");
  }

  @Test
  void nobodyActsWithoutAName() {
    refused(api.as("").read(job, Api.newId(), "CENTRE", "LEFT", "668"), "server/platform.pickName");
  }

  @Test
  void scriptInNamesStaysText() {
    String script = "<script>alert('x')</script>\"; drop table job; --";
    Map<String, Object> vehicle =
        new HashMap<>(
            Map.of(
                "version",
                0,
                "name",
                script,
                "nickname",
                script,
                "driverSide",
                "LEFT",
                "dipped",
                "UN_DIPPED",
                "steeperByMaker",
                false));
    String id = Api.newId();
    assertThat(api.put("/api/vehicles/" + id, vehicle).body().get("name").asText())
        .isEqualTo(script);
    assertThat(api.put("/api/jobs/" + Api.newId(), Api.jobEdit(id)).status()).isEqualTo(200);
    assertThat(api.get("/api/yard").body().get("rows").findValuesAsText("vehicle"))
        .contains(script);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/api/calc/drop | {\"belowMm\":10,\"distanceMm\":0} | 422",
        "/api/calc/drop | {\"belowMm\":10,\"distanceMm\":-1} | 422",
        "/api/calc/drop | {\"belowMm\":10,\"distanceMm\":NaN} | 400",
        "/api/calc/drop | {\"belowMm\":1e400,\"distanceMm\":7620} | 422",
        "/api/calc/drop | {\"distanceMm\":7620} | 400",
        "/api/calc/roll | {\"leftHigherMm\":1,\"runMm\":0} | 422",
        "/api/calc/floor | {\"units\":\"METRIC\",\"readings\":[{\"kind\":\"PLAN_TRACK\",\"value\":-5}]} | 422",
        "/api/calc/floor | {\"units\":\"METRIC\",\"readings\":[null]} | 422",
        "/api/calc/wall | {\"readings\":[],\"bayReadings\":[]} | 422",
      })
  void sumsOfNonsenseAreRefused(String path, String body, int status) {
    Api.Answer answer = api.post(path, body);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(status);
    assertThat(answer.detail()).isNotBlank();
  }

  @Test
  void everyAnswerIsGuarded() {
    var headers = api.get("/api/shop").raw().headers();
    assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
        .contains("default-src 'none'")
        .doesNotContain("unsafe");
    assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
    assertThat(api.get("/jobs/anything").raw().body()).contains("<div id=\"root\">");
  }

  private String vehicle() {
    return api.get("/api/jobs/" + job).body().at("/job/vehicleId").asText();
  }

  /** The field of the body, though the address is checked with it. */
  @Test
  void aBodyThatIsRefusedNamesItsField() {
    Map<String, Object> edit = Api.jobEdit("x");
    Api.Answer answer = api.put("/api/jobs/" + Api.newId(), edit);
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.body().get("field").asText()).isEqualTo("vehicleId");
    refused(answer, "server/platform.cannotBe", "vehicleId");
  }
}
