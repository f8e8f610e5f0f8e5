package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Jobs, readings and edits through the real interface, against a real MariaDB. */
@ServerTest
class JobApiTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private String measuredJob() {
    String job = api.newJob("Quenby Test", Map.of("labelTyped", "1.2 %"));
    for (String side : List.of("LEFT", "RIGHT")) {
      Api.expect(api.read(job, Api.newId(), "DISTANCE", side, "25 ft"), 200);
      Api.expect(api.read(job, Api.newId(), "CENTRE", side, "668"), 200);
      Api.expect(api.read(job, Api.newId(), "LOWER_EDGE", side, "60 cm"), 200);
    }
    Api.expect(api.read(job, Api.newId(), "SPACING", null, "1.2 m"), 200);
    return job;
  }

  @Test
  void aJobGoesFromReadingsToAVerdictAndKeepsWhoTypedWhat() {
    String job = measuredJob();
    JsonNode page = api.read(job, Api.newId(), "CUTOFF_BELOW", "RIGHT", "18").body();

    JsonNode right = page.at("/sheet/pairs/0/right");
    // 18 mm on 7620: 0.236 % down; 1.2 % is 91.44 mm: 73.44 too high
    assertThat(right.at("/reading/percent/value").asDouble()).isCloseTo(-0.2362, within(1e-4));
    assertThat(right.at("/correction/up/value").asDouble()).isCloseTo(-73.44, within(1e-6));
    assertThat(page.at("/sheet/worst").asText()).isEqualTo("OUT");
    JsonNode last = page.at("/readings").get(page.at("/readings").size() - 1);
    assertThat(last.get("takenBy").asText()).isEqualTo("Åsa");
    assertThat(last.get("typed").asText()).isEqualTo("18");
    assertThat(page.at("/readings/0/typed").asText()).isEqualTo("25 ft");
    assertThat(page.at("/readings/0/value/value").asDouble()).isEqualTo(7620);
  }

  @Test
  void theStatelessSheetIsTheJobsOwn() {
    String job = measuredJob();
    JsonNode page = api.read(job, Api.newId(), "CUTOFF_BELOW", "LEFT", "70").body();
    List<Map<String, Object>> taken = new ArrayList<>();
    for (JsonNode reading : page.get("readings")) {
      Map<String, Object> one =
          new java.util.HashMap<>(
              Map.of(
                  "kind", reading.get("kind").asText(),
                  "value", reading.at("/value/value").asDouble(),
                  "plusMinus", reading.get("plusMinus").asDouble()));
      if (reading.has("side")) {
        one.put("side", reading.get("side").asText());
      }
      taken.add(one);
    }
    List<Map<String, Object>> screws = new ArrayList<>();
    for (JsonNode screw : page.get("adjusters")) {
      screws.add(
          Map.of(
              "id",
              screw.get("id").asText(),
              "lamp",
              screw.get("lamp").asText(),
              "side",
              screw.get("side").asText(),
              "axis",
              screw.get("axis").asText(),
              "reach",
              screw.get("reach").asText()));
    }
    Map<String, Object> setup =
        Map.ofEntries(
            Map.entry("traffic", "RIGHT"),
            Map.entry("ruleSet", "un-r48"),
            Map.entry("units", "METRIC"),
            Map.entry("school", "RULE"),
            Map.entry("labelPercent", -1.2),
            Map.entry("stanceChanged", false),
            Map.entry("frontClosed", true),
            Map.entry("markEdge", "UPPER"),
            Map.entry("markOrigin", "MEASURED"),
            Map.entry("tapeWidthMm", 25),
            Map.entry("dipped", "UN_DIPPED"),
            Map.entry("steeperByMaker", false),
            Map.entry("adjusters", screws));
    JsonNode sheet =
        Api.expect(
                api.post(
                    "/api/calc/wall",
                    Map.of("setup", setup, "readings", taken, "bayReadings", List.of())),
                200)
            .body();
    assertThat(sheet).isEqualTo(page.get("sheet"));
  }

  @Test
  void aRepeatedRequestChangesNothing() {
    String job = measuredJob();
    String id = Api.newId();
    JsonNode once = Api.expect(api.read(job, id, "CUTOFF_BELOW", "LEFT", "70"), 200).body();
    JsonNode twice = Api.expect(api.read(job, id, "CUTOFF_BELOW", "LEFT", "70"), 200).body();
    assertThat(twice).isEqualTo(once);
    assertThat(api.read(job, id, "CUTOFF_BELOW", "LEFT", "71").status()).isEqualTo(409);
  }

  @Test
  void aReadingIsTakenBackOnceAndStaysSoInItsFile() {
    String job = measuredJob();
    String kept = Api.newId();
    String wrong = Api.newId();
    api.read(job, kept, "CUTOFF_BELOW", "LEFT", "70");
    api.read(job, wrong, "CUTOFF_BELOW", "LEFT", "7");
    String undo = "/api/jobs/" + job + "/undone/" + Api.newId();
    Api bo = api.as("Bo");
    JsonNode page = Api.expect(bo.put(undo, Map.of("strikes", wrong)), 200).body();
    assertThat(page.at("/sheet/pairs/0/left/reading/belowLine/value").asDouble()).isEqualTo(70);
    JsonNode last = page.get("readings").get(page.get("readings").size() - 1);
    assertThat(last.at("/undone/by").asText()).isEqualTo("Bo");
    assertThat(Api.expect(bo.put(undo, Map.of("strikes", wrong)), 200).body()).isEqualTo(page);

    Api.refused(
        api.put("/api/jobs/" + job + "/undone/" + Api.newId(), Map.of("strikes", wrong)),
        "server/record.undoneAlready");
    Api.refused(
        api.put("/api/jobs/" + job + "/undone/" + Api.newId(), Map.of("strikes", Api.newId())),
        "server/record.noLine");

    String copy = Api.newId();
    Api.expect(
        api.put("/api/jobs/" + copy + "/file", api.get("/api/jobs/" + job + "/file").body()), 200);
    JsonNode elsewhere = api.get("/api/jobs/" + copy).body();
    assertThat(elsewhere.at("/sheet/pairs/0/left/reading/belowLine/value").asDouble())
        .isEqualTo(70);
    assertThat(elsewhere.at("/readings").findValuesAsText("undone")).hasSize(1);
  }

  @Test
  void whatWaitedForTheNetworkWasReadWhenItWasEntered() {
    String job = api.newJob("Quenby Test", Map.of());
    Instant before = Instant.now();
    Map<String, Object> reading =
        Map.of("kind", "SPACING", "typed", "1.2 m", "units", "METRIC", "waitedMs", 3_600_000);
    JsonNode page =
        Api.expect(api.put("/api/jobs/" + job + "/readings/" + Api.newId(), reading), 200).body();
    assertThat(Instant.parse(page.at("/readings/0/takenAt").asText()))
        .isCloseTo(before.minus(Duration.ofHours(1)), within(2, ChronoUnit.MINUTES));
  }

  @Test
  void aCorrectionStrikesThroughAndNamesItsReplacement() {
    String job = measuredJob();
    String wrong = Api.newId();
    String right = Api.newId();
    api.read(job, wrong, "CUTOFF_BELOW", "LEFT", "81");
    Map<String, Object> correction =
        Map.of(
            "kind",
            "CUTOFF_BELOW",
            "side",
            "LEFT",
            "typed",
            "18",
            "units",
            "METRIC",
            "strikes",
            wrong);
    JsonNode page =
        Api.expect(api.put("/api/jobs/" + job + "/readings/" + right, correction), 200).body();
    JsonNode struck =
        IntStream.range(0, page.get("readings").size())
            .mapToObj(page.get("readings")::get)
            .filter(reading -> reading.get("id").asText().equals(wrong))
            .findFirst()
            .orElseThrow();
    assertThat(struck.get("struckBy").asText()).isEqualTo(right);
    assertThat(struck.get("typed").asText()).isEqualTo("81");
    assertThat(page.at("/sheet/pairs/0/left/reading/belowLine/value").asDouble()).isEqualTo(18);

    Api.Answer second =
        api.as("Bo").put("/api/jobs/" + job + "/readings/" + Api.newId(), correction);
    assertThat(second.status()).isEqualTo(409);
    refused(second, "server/record.changedTo", "Åsa", "18");
  }

  @Test
  void aStaleEditIsRefusedWithBothVersions() {
    String job = api.newJob("Brask Test", Map.of());
    String vehicle = api.get("/api/jobs/" + job).body().at("/job/vehicleId").asText();
    Map<String, Object> edit = Api.jobEdit(vehicle);
    edit.put("version", 1);
    edit.put("school", "EQUAL_DROP");
    assertThat(api.as("Bo").put("/api/jobs/" + job, edit).body().at("/job/version").asInt())
        .isEqualTo(2);
    edit.put("school", "SPLIT_DROP");
    Api.Answer stale = api.put("/api/jobs/" + job, edit);
    assertThat(stale.status()).isEqualTo(409);
    refused(stale, "server/platform.changedBy", "Bo");
    assertThat(stale.body().at("/current/school").asText()).isEqualTo("EQUAL_DROP");
    assertThat(stale.body().at("/current/version").asInt()).isEqualTo(2);
  }

  @Test
  void manyReadingsAtOnceAreAllKeptOnce() throws Exception {
    String job = measuredJob();
    List<String> ids = IntStream.range(0, 24).mapToObj(i -> Api.newId()).toList();
    ExecutorService pool = Executors.newFixedThreadPool(8);
    try {
      // each is sent twice, as a page with a bad connection would
      List<Callable<Integer>> sends = new ArrayList<>();
      for (int round = 0; round < 2; round++) {
        for (String id : ids) {
          sends.add(() -> api.read(job, id, "STEP_LEFT", "LEFT", "5").status());
        }
      }
      for (var sent : pool.invokeAll(sends)) {
        assertThat(sent.get()).isEqualTo(200);
      }
    } finally {
      pool.shutdown();
    }
    JsonNode readings = api.get("/api/jobs/" + job).body().get("readings");
    assertThat(
            IntStream.range(0, readings.size())
                .mapToObj(i -> readings.get(i).get("id").asText())
                .filter(ids::contains)
                .toList())
        .containsExactlyInAnyOrderElementsOf(ids);
  }

  @Test
  void theYardIsPagedByKeyAndSearched() {
    String mark = "Pager" + System.nanoTime();
    for (int i = 0; i < 7; i++) {
      api.newJob(mark + " " + i, Map.of());
    }
    List<String> seen = new ArrayList<>();
    String after = "";
    do {
      JsonNode page = api.get("/api/yard?limit=3&text=" + mark + "&after=" + after).body();
      page.get("rows").forEach(row -> seen.add(row.get("vehicle").asText()));
      after = page.path("next").asText();
    } while (!after.isEmpty());
    assertThat(seen).hasSize(7).doesNotHaveDuplicates();
    assertThat(seen.get(0)).isEqualTo(mark + " 6");
    assertThat(api.get("/api/yard?text=100%25").body().get("rows")).isEmpty();
  }

  @Test
  void aBaysFloorMovesTheMarksOfItsJobs() {
    String bay = Api.newId();
    api.put(
        "/api/bays/" + bay,
        Map.of("version", 0, "name", "Test bay", "note", "", "units", "METRIC"));
    floor(bay, "PLAN_FRONT_TYRES", null, "8520");
    floor(bay, "PLAN_WHEELBASE", null, "2500");
    floor(bay, "PLAN_TRACK", null, "1600");
    floor(bay, "FLOOR_FRONT_LEFT", null, "0");
    floor(bay, "FLOOR_FRONT_RIGHT", null, "0");
    floor(bay, "FLOOR_REAR_LEFT", null, "10");
    floor(bay, "FLOOR_REAR_RIGHT", null, "10");
    floor(bay, "FOOT", "LEFT", "-5");
    JsonNode page = floor(bay, "FOOT", "RIGHT", "-5");
    assertThat(page.at("/floor/profiles/0/correction/value").asDouble())
        .isCloseTo(-29.08, within(0.005));

    String job = api.newJob("Orlo Test", Map.of("bayId", bay));
    api.read(job, Api.newId(), "DISTANCE", "LEFT", "7620");
    JsonNode lamp =
        api.read(job, Api.newId(), "CENTRE", "LEFT", "700").body().at("/sheet/pairs/0/left");
    assertThat(lamp.at("/place/line/value").asDouble()).isCloseTo(670.92, within(0.005));
  }

  private JsonNode floor(String bay, String kind, String side, String typed) {
    Map<String, Object> reading =
        new java.util.HashMap<>(Map.of("kind", kind, "typed", typed, "units", "METRIC"));
    if (side != null) {
      reading.put("side", side);
    }
    return Api.expect(api.put("/api/bays/" + bay + "/readings/" + Api.newId(), reading), 200)
        .body();
  }

  /** Labels of low beams stand between 0.5 and 4 % down: "10" or "45°" is asked about at once. */
  @ParameterizedTest
  @ValueSource(strings = {"10", "25 %", "45°", "0.1 %"})
  void aLabelThatNoLowBeamHasIsAskedAbout(String typed) {
    String job = api.newJob("Quenby Test", Map.of());
    Map<String, Object> edit =
        Api.jobEdit(api.get("/api/jobs/" + job).body().at("/vehicle/id").asText());
    edit.put("version", 1);
    edit.put("labelTyped", typed);
    Api.Answer refused = api.put("/api/jobs/" + job, edit);
    assertThat(refused.status()).isEqualTo(422);
    refused(refused, "server/job.labelImplausible");
  }
}
