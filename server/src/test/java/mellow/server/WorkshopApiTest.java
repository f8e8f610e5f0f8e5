package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TimeZone;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Apart, Bench, Prove and Together over HTTP: entries that are kept once, checked, undone. */
@ServerTest
class WorkshopApiTest {
  @LocalServerPort private int port;

  private Api api;
  private String job;

  @BeforeEach
  void aJob() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Quenby Lantern", Map.of());
    wanted("FOG", "BUMPER_OFF");
  }

  private void wanted(String kind, String access) {
    api.takeIn(job, kind, access);
  }

  private Api.Answer put(String id, String stage, String part, Object what) {
    return api.put(
        "/api/jobs/" + job + "/workshop/" + id, Map.of("stage", stage, part, what, "waitedMs", 0));
  }

  private String kept(String stage, String part, Object what) {
    String id = Api.newId();
    Api.expect(put(id, stage, part, what), 200);
    return id;
  }

  private JsonNode page() {
    return Api.expect(api.get("/api/jobs/" + job + "/workshop"), 200).body();
  }

  private static Map<String, Object> row(int count, String kind, String name) {
    Map<String, Object> row = new HashMap<>();
    for (String text : "size thread where tray holds note".split(" ")) {
      row.put(text, "");
    }
    row.putAll(
        Map.of(
            "count", count, "kind", kind, "name", name, "asFound", "SOUND", "hidden", false,
            "people", 1));
    return row;
  }

  private static Map<String, Object> move(String row, String move, int count) {
    return Map.of("row", row, "move", move, "count", count);
  }

  private JsonNode stage(String name) {
    for (JsonNode stage : page().get("stages")) {
      if (stage.get("stage").asText().equals(name)) {
        return stage;
      }
    }
    throw new AssertionError(name);
  }

  private List<String> out(String stage) {
    List<String> ids = new ArrayList<>();
    for (JsonNode finding : stage(stage).get("findings")) {
      if (finding.get("verdict").asText().equals("OUT")) {
        ids.add(finding.get("id").asText());
      }
    }
    return ids;
  }

  @Test
  void frontComesApartAndGoesTogether() {
    JsonNode called =
        api.post("/api/calc/ledger/line", Map.of("typed", "4 clip upper edge")).body();
    assertThat(called.get("count").asInt()).isEqualTo(4);
    assertThat(called.at("/spot/view").asText()).isEqualTo("FRONT");
    refused(api.post("/api/calc/ledger/line", Map.of("typed", "2 bumper")), "ledger.oneByOne");

    String clips = kept("APART", "out", called);
    String bumper = kept("APART", "out", row(1, "PIECE", "bumper"));
    String plug = kept("APART", "out", row(1, "CONNECTOR", "left fog"));
    assertThat(page().get("reverse"))
        .extracting(JsonNode::asText)
        .containsExactly(plug, bumper, clips);
    kept("TOGETHER", "move", move(bumper, "BACK", 1));
    assertThat(out("TOGETHER")).contains("together.passed@fasteners:" + plug);
    Api.Answer tooMany = put(Api.newId(), "TOGETHER", "move", move(clips, "BACK", 5));
    assertThat(tooMany.status()).isEqualTo(422);
    refused(tooMany, "ledger.notThatMany", "5", "4 are");
    kept("TOGETHER", "move", move(plug, "BACK", 1));
    String last = kept("TOGETHER", "move", move(clips, "BACK", 4));
    assertThat(out("TOGETHER")).isEmpty();
    kept("TOGETHER", "strikes", last);
    assertThat(out("TOGETHER")).as("still to go in").isEmpty();
    Map<String, ?> align = Map.of("step", "together.align", "skipped", false, "reason", "");
    refused(
        put(Api.newId(), "TOGETHER", "step", align),
        "server/workshop.waits",
        "the front is closed; the bumper is on");
    kept(
        "TOGETHER",
        "step",
        Map.of("step", "together.align", "skipped", false, "reason", "held in place by two"));
    assertThat(out("TOGETHER"))
        .as("said to be tight, with clips left over")
        .containsExactly("together.left@fasteners:" + clips);
    assertThat(put(Api.newId(), "TOGETHER", "strikes", last).status()).isEqualTo(409);
  }

  @Test
  void sameEntryAgainChangesNothing() {
    String id = Api.newId();
    Api.expect(put(id, "APART", "out", row(4, "BOLT", "")), 200);
    Api.expect(put(id, "APART", "out", row(4, "BOLT", "")), 200);
    assertThat(page().get("ledger")).hasSize(1);
    assertThat(put(id, "APART", "out", row(5, "BOLT", "")).status())
        .as("another count")
        .isEqualTo(409);
    assertThat(put(id, "APART", "choice", Map.of("which", "MOUNT", "value", "RING")).status())
        .isEqualTo(409);
  }

  /** Ten people at once, each with ledger entries and readings: nothing lost, nothing twice. */
  @Test
  void tenPeopleAtOnce() throws Exception {
    int each = 8;
    ExecutorService people = Executors.newFixedThreadPool(10);
    try {
      List<Future<?>> done = new ArrayList<>();
      Set<String> ids = new HashSet<>();
      for (int person = 0; person < 10; person++) {
        Api own = api.as("person " + person);
        for (int i = 0; i < each; i++) {
          String id = Api.newId();
          ids.add(id);
          Map<String, ?> entry =
              Map.of("stage", "APART", "out", row(1 + i, "BOLT", ""), "waitedMs", 0);
          Callable<Object> send =
              () -> {
                String path = "/api/jobs/" + job + "/workshop/" + id;
                for (Api.Answer answer = own.put(path, entry); answer.status() != 200; ) {
                  assertThat(answer.status()).as(answer.detail()).isEqualTo(503);
                  answer = own.put(path, entry);
                }
                return Api.expect(own.read(job, Api.newId(), "CENTRE", "LEFT", "690"), 200);
              };
          done.add(people.submit(send));
        }
      }
      for (Future<?> one : done) {
        one.get();
      }
      Set<String> kept = new HashSet<>();
      page().get("ledger").forEach(line -> kept.add(line.get("id").asText()));
      assertThat(kept).isEqualTo(ids);
      assertThat(page().get("entries")).hasSize(10 * each);
      assertThat(api.get("/api/jobs/" + job).body().get("readings")).hasSize(10 * each);
    } finally {
      people.shutdownNow();
    }
  }

  private void fogWorks(String state) {
    Map<String, ?> proof =
        Map.of("state", state, "function", "FRONT_FOG", "outcome", "WORKS", "tries", 0, "seen", "");
    kept("PROVE", "proof", proof);
  }

  @Test
  void gateOpensOnlyWithAReason() {
    Map<String, Object> hole =
        new HashMap<>(Map.of("step", "apart.gate", "side", "LEFT", "skipped", false, "reason", ""));
    String notLit = "left front fog lamp and right front fog lamp";
    refused(put(Api.newId(), "APART", "step", hole), "server/workshop.waits", notLit);
    // a lamp that is out where it should be out was not lit by that
    fogWorks("key out");
    refused(put(Api.newId(), "APART", "step", hole), "server/workshop.waits", notLit);
    fogWorks("SIDE_FOG");
    assertThat(put(Api.newId(), "APART", "step", hole).detail()).doesNotContain(notLit);
    hole.put("reason", "the hole was there already");
    kept("APART", "step", hole);
    JsonNode finding = stage("APART").get("findings").get(0);
    assertThat(finding.get("id").asText()).isEqualTo("step.waived@step:apart.gate:LEFT");
    assertThat(finding.get("verdict").asText()).isEqualTo("AT_EDGE");
    assertThat(finding.at("/detail/pattern").asText())
        .isEqualTo("Runa: the hole was there already");
    Map<String, ?> skipped = Map.of("step", "apart.front", "skipped", true, "reason", "");
    refused(put(Api.newId(), "APART", "step", skipped), "server/workshop.sayWhy");
    Map<String, ?> none = Map.of("step", "bench.open", "skipped", false, "reason", "");
    assertThat(put(Api.newId(), "APART", "step", none).status()).isEqualTo(422);
  }

  @Test
  void ovenTimersAndCures() {
    job = api.newJob("Quenby Loft", Map.of());
    wanted("RETROFIT", "LAMPS_ONLY");
    List<String> inside = List.of("BULBS", "BALLASTS", "TAPES", "WIRES", "SCREWS");
    Map<String, Object> bake =
        new HashMap<>(
            Map.of(
                "purpose",
                "OPEN",
                "side",
                "LEFT",
                "temperature",
                "290",
                "time",
                "5 min",
                "notInside",
                inside));
    refused(put(Api.newId(), "BENCH", "bake", bake), "entry.temperatureUnit");
    bake.put("temperature", "300 °F");
    refused(put(Api.newId(), "BENCH", "bake", bake), "retrofit.tooHot");
    bake.put("temperature", "220 °F");
    bake.put("notInside", List.of("TAPES"));
    refused(put(Api.newId(), "BENCH", "bake", bake), "retrofit.notLookedFor");
    bake.put("notInside", inside);
    String first = kept("BENCH", "bake", bake);
    JsonNode timer = page().get("timers").get(0);
    assertThat(timer.get("seconds").asInt()).isEqualTo(300);
    assertThat(timer.get("state").asText()).isEqualTo("RUNNING");
    kept("BENCH", "stop", Map.of("timer", first));
    assertThat(page().at("/timers/0/state").asText()).isEqualTo("BROKEN_OFF");
    assertThat(put(Api.newId(), "BENCH", "stop", Map.of("timer", first)).status()).isEqualTo(422);
    Map<String, ?> year = Map.of("name", "cure", "kind", "CURE", "time", "365 d");
    refused(put(Api.newId(), "BENCH", "timer", year), "entry.timerRange");
  }

  private List<String> heard() {
    return Api.expect(api.get("/api/timers"), 200).body().findValues("timer").stream()
        .map(timer -> timer.get("name").asText())
        .filter(name -> name.startsWith(job))
        .toList();
  }

  /** A bell is heard over the whole workshop, whichever job is on the screen. */
  @Test
  void timersOfAllOpenJobsAreToldUntilTheyAreSeenTo() {
    for (String time : List.of("2 h", "1 s", "30 min")) {
      kept("BENCH", "timer", Map.of("name", job + " " + time, "kind", "CURE", "time", time));
    }
    assertThat(heard()).containsExactly(job + " 1 s", job + " 30 min", job + " 2 h");
    String first = page().at("/timers/1/id").asText();
    kept("BENCH", "stop", Map.of("timer", first));
    assertThat(heard()).containsExactly(job + " 30 min", job + " 2 h");
    Api.expect(
        api.put("/api/jobs/" + job + "/closed", Map.of("reason", "shown to the owner as it is")),
        200);
    assertThat(heard()).as("a job that left rings no more").isEmpty();
  }

  /**
   * A moment and a length: neither what waited in the page nor another zone of the clock moves it.
   */
  @Test
  void timerIsRightOverAZoneThatJumps() {
    TimeZone before = TimeZone.getDefault();
    try {
      TimeZone.setDefault(TimeZone.getTimeZone("UTC"));
      String id = Api.newId();
      Api.expect(
          api.put(
              "/api/jobs/" + job + "/workshop/" + id,
              Map.of(
                  "stage",
                  "BENCH",
                  "waitedMs",
                  60_000,
                  "timer",
                  Map.of("name", "full epoxy", "kind", "CURE", "time", "24 h"))),
          200);
      JsonNode one = page();
      // in a zone that is five and three quarters of an hour away
      TimeZone.setDefault(TimeZone.getTimeZone("Asia/Kathmandu"));
      JsonNode two = page();
      assertThat(two.at("/timers/0/end")).isEqualTo(one.at("/timers/0/end"));
      Duration left =
          Duration.between(
              Instant.parse(two.get("now").asText()),
              Instant.parse(two.at("/timers/0/end").asText()));
      assertThat(left)
          .isBetween(Duration.ofHours(24).minusSeconds(90), Duration.ofHours(24).minusSeconds(60));
    } finally {
      TimeZone.setDefault(before);
    }
  }

  private List<String> steps(String stage) {
    List<String> steps = new ArrayList<>();
    page()
        .get("stages")
        .forEach(
            one -> {
              if (one.get("stage").asText().equals(stage)) {
                one.get("steps").forEach(step -> steps.add(step.get("id").asText()));
              }
            });
    return steps;
  }

  /** No hole, no gate; a battery that is left live is neither taken off nor put on. */
  @Test
  void whatAChoiceMakesPointlessIsNoStep() {
    assertThat(steps("APART")).contains("apart.gate", "apart.negative");
    kept("APART", "choice", Map.of("which", "HOLE", "value", "NONE"));
    kept("APART", "choice", Map.of("which", "BATTERY", "value", "LIVE"));
    assertThat(steps("APART")).doesNotContain("apart.gate", "apart.negative");
    assertThat(steps("PROVE")).doesNotContain("prove.power");
  }

  private JsonNode step(String stage, String id, String side) {
    for (JsonNode step : stage(stage).get("steps")) {
      if (step.get("id").asText().equals(id) && step.path("side").asText("").equals(side)) {
        return step;
      }
    }
    throw new AssertionError(id);
  }

  /** Silicone and threadlocker hold what would disturb them, on their own side; common practice. */
  @Test
  void whatCuresHoldsWhatFollows() {
    job = api.newJob("Brask Tundal", Map.of());
    wanted("RETROFIT", "LAMPS_ONLY");
    kept("BENCH", "choice", Map.of("which", "ROLL", "value", "ON_VEHICLE"));
    assertThat(step("BENCH", "bench.roll", "LEFT").get("cures").asText()).isEqualTo("THREADLOCKER");
    kept(
        "BENCH",
        "timer",
        Map.of(
            "name",
            "threadlocker, left",
            "kind",
            "CURE",
            "side",
            "LEFT",
            "adhesive",
            "THREADLOCKER",
            "time",
            "20 min"));
    for (String held : List.of("bench.shroud", "bench.close", "bench.tabs")) {
      assertThat(step("BENCH", held, "LEFT").get("waitsFor").toString())
          .contains("threadlocker, left still curing");
      assertThat(step("BENCH", held, "RIGHT").get("waitsFor").toString())
          .doesNotContain("threadlocker");
    }
    kept(
        "BENCH",
        "timer",
        Map.of(
            "name",
            "silicone, right",
            "kind",
            "CURE",
            "side",
            "RIGHT",
            "adhesive",
            "SILICONE",
            "time",
            "2 h"));
    assertThat(step("TOGETHER", "together.seat", "RIGHT").get("waitsFor").toString())
        .contains("silicone, right still curing");
  }

  /** The epoxy of the projector is not that of the flange, which is put on later. */
  @Test
  void weldedHousingWaitsForTheEpoxyThatClosesIt() {
    job = api.newJob("Brask Tundal", Map.of());
    wanted("RETROFIT", "LAMPS_ONLY");
    kept("BENCH", "choice", Map.of("which", "SEAL", "value", "WELDED"));
    for (Map<String, Object> cure :
        List.<Map<String, Object>>of(
            Map.of("name", "projector", "time", "1 s"), Map.of("name", "flange", "time", "24 h"))) {
      Map<String, Object> timer = new HashMap<>(cure);
      timer.putAll(Map.of("kind", "CURE", "side", "LEFT", "adhesive", "FULL_EPOXY"));
      Api.expect(
          api.put(
              "/api/jobs/" + job + "/workshop/" + Api.newId(),
              Map.of(
                  "stage",
                  "BENCH",
                  "timer",
                  timer,
                  "waitedMs",
                  cure.get("name").equals("projector") ? 3_600_000 : 0)),
          200);
      if (cure.get("name").equals("projector")) {
        kept(
            "BENCH",
            "step",
            Map.of(
                "step", "bench.weld", "side", "LEFT", "skipped", false, "reason", "glued at once"));
        assertThat(step("BENCH", "bench.tabs", "LEFT").get("waitsFor").toString())
            .contains("the full epoxy is not timed yet");
      }
    }
    assertThat(step("BENCH", "bench.tabs", "LEFT").get("waitsFor").toString())
        .contains("the full epoxy is still curing");
  }

  /** Sanding water stays out of a closed lamp; opening first takes a reason. */
  @Test
  void lensIsRestoredBeforeTheLampIsOpened() {
    job = api.newJob("Brask Tundal", Map.of());
    wanted("RETROFIT", "LAMPS_ONLY");
    assertThat(step("BENCH", "bench.open", "LEFT").get("waitsFor").toString())
        .doesNotContain("restored");
    kept("BENCH", "choice", Map.of("which", "LENS", "value", "RESTORE"));
    assertThat(step("BENCH", "bench.open", "LEFT").get("waitsFor").toString())
        .contains("the lens is restored");
  }

  @Test
  void stageIsLeftOutWithItsReasonOrNotAtAll() {
    JsonNode kept = api.get("/api/jobs/" + job + "/take-in").body();
    ObjectNode edit = (ObjectNode) kept.get("takeIn");
    for (Map<String, String> refused :
        List.of(
            Map.of("stage", "PROVE", "reason", "no time"),
            Map.of("stage", "PLACE", "reason", ""))) {
      edit.putPOJO("leftOut", List.of(refused));
      Api.Answer answer =
          api.put(
              "/api/jobs/" + job + "/take-in",
              Map.of("version", kept.get("version").asInt(), "takeIn", edit));
      assertThat(answer.status()).isEqualTo(422);
      refused(
          answer,
          refused.get("reason").isEmpty() ? "server/takein.sayWhy" : "server/takein.neverLeftOut");
    }
    edit.putPOJO("leftOut", List.of(Map.of("stage", "PLACE", "reason", "the covers have holes")));
    JsonNode after =
        Api.expect(
                api.put(
                    "/api/jobs/" + job + "/take-in",
                    Map.of("version", kept.get("version").asInt(), "takeIn", edit)),
                200)
            .body();
    assertThat(after.at("/plan/leftOut/0/words").asText()).isEqualTo("Place");
    assertThat(step("APART", "apart.gate", "LEFT").get("waitsFor").toString())
        .doesNotContain("Place");
  }

  /** One battery: what the workshop did to it, the feed's page knows, and the other way round. */
  @Test
  void thereIsOneBattery() {
    Map<String, ?> off = Map.of("step", "apart.negative", "skipped", false, "reason", "");
    kept("APART", "step", off);
    JsonNode feed = api.get("/api/jobs/" + job + "/feed").body();
    assertThat(feed.get("connected").asBoolean()).isFalse();
    assertThat(feed.at("/batteryElsewhere/0/what").asText()).isEqualTo("NEGATIVE_OFF");
    Map<String, ?> proof =
        Map.of("state", "LOW", "function", "DIPPED", "outcome", "WORKS", "tries", 0, "seen", "");
    refused(put(Api.newId(), "PROVE", "proof", proof), "server/workshop.nothingLit");
    refused(put(Api.newId(), "PROVE", "battery", Map.of("what", "NEGATIVE_OFF")), "feed.already");
    kept("PROVE", "battery", Map.of("what", "SECOND_ON"));
    kept("PROVE", "proof", proof);
    assertThat(page().at("/proof/live").asBoolean()).isTrue();
  }

  /** A connector that is opened again takes the proof of its lamps back. */
  @Test
  void openedConnectorReopensWhatHangsOnIt() {
    fogWorks("SIDE_FOG");
    assertThat(reopened()).isEmpty();
    kept("APART", "out", row(1, "CONNECTOR", "left fog"));
    assertThat(reopened()).containsExactly("left front fog lamp");
  }

  private List<String> reopened() {
    List<String> reopened = new ArrayList<>();
    page()
        .at("/proof/items")
        .forEach(
            item ->
                item.get("lamps")
                    .forEach(
                        lamp -> {
                          if (!lamp.get("reopened").asText().isEmpty()) {
                            reopened.add(lamp.get("words").asText());
                          }
                        }));
    return reopened;
  }

  @Test
  void everyFunctionIsProvedOrSaidWhyNot() {
    JsonNode proof = page().get("proof");
    assertThat(proof.get("wired").asBoolean()).isFalse();
    assertThat(proof.get("items"))
        .extracting(item -> item.get("name").asText())
        .contains("position lamps, fog");
    Map<String, Object> result =
        new HashMap<>(
            Map.of(
                "state",
                "SIDE_FOG",
                "function",
                "FRONT_FOG",
                "outcome",
                "FLICKERS",
                "side",
                "LEFT",
                "tries",
                0,
                "seen",
                "when cold"));
    kept("PROVE", "proof", result);
    assertThat(out("PROVE"))
        .containsExactly("prove.works@in-state:SIDE_FOG:lamp%3AFRONT_FOG%3ALEFT");
    Map<String, ?> close = Map.of("step", "together.close", "skipped", false, "reason", "");
    refused(
        put(Api.newId(), "TOGETHER", "step", close),
        "server/workshop.waits",
        "every function is proved; it is cleaned behind");
  }

  @Test
  void whatCannotBeIsRefused() {
    Map<String, Object> outside = row(2, "BOLT", "");
    outside.put("spot", Map.of("view", "FRONT", "across", 1.4, "up", 0.2));
    refused(put(Api.newId(), "APART", "out", outside), "ledger.outsideVehicle");
    assertThat(put(Api.newId(), "APART", "out", row(2, "PIECE", "bumper")).status()).isEqualTo(422);
    refused(
        api.put(
            "/api/jobs/" + job + "/workshop/" + Api.newId(),
            Map.of("stage", "APART", "waitedMs", 0)),
        "server/workshop.oneThing");
    refused(
        put(
            Api.newId(),
            "BENCH",
            "measure",
            Map.of("field", "LENS", "typed", "-3", "units", "METRIC")),
        "server/workshop.benchLength");
    assertThat(
            put(Api.newId(), "BENCH", "choice", Map.of("which", "MOUNT", "value", "HOPE")).status())
        .isEqualTo(422);
    assertThat(put(Api.newId(), "BENCH", "lens", Map.of("side", "LEFT", "grit", 0)).status())
        .isEqualTo(422);
    assertThat(page().get("entries")).isEmpty();
  }

  /** Measured, chosen and read at the bench; each figure by hand. */
  @Test
  void benchIsMeasuredChosenAndJudged() {
    job = api.newJob("Brask Tundal", Map.of());
    wanted("RETROFIT", "LAMPS_ONLY");
    for (String[] one :
        new String[][] {
          {"BOWL_OPENING", "80"}, {"LENS", "3 in"}, {"BENCH_DISTANCE", "25 ft"}, {"RUN", "600"}
        }) {
      kept("BENCH", "measure", Map.of("field", one[0], "typed", one[1], "units", "METRIC"));
    }
    for (String[] one :
        new String[][] {
          {"FACTORY_LEFT", "800"},
          {"FACTORY_RIGHT", "800"},
          {"NOW_LEFT", "806"},
          {"NOW_RIGHT", "794"}
        }) {
      kept(
          "BENCH",
          "measure",
          Map.of("field", one[0], "side", "LEFT", "typed", one[1], "units", "METRIC"));
    }
    JsonNode bench = page().get("bench");
    assertThat(bench.at("/fit/0/headline/figures/0/value").asDouble())
        .as("(80 − 76.2) ÷ 2")
        .isCloseTo(1.9, within(1e-9));
    assertThat(bench.at("/aim/0/findings/1/verdict").asText())
        .as("12 over 600 lean 1.15°")
        .isEqualTo("OUT");
    assertThat(bench.get("mount").asText()).isEqualTo("GLUED");
    kept("BENCH", "choice", Map.of("which", "MOUNT", "value", "RING"));
    assertThat(page().at("/bench/mount").asText()).isEqualTo("RING");
    assertThat(page().at("/bench/rollWay").asText())
        .as("a nut can be turned on the vehicle")
        .isEqualTo("ON_VEHICLE");
    refused(
        put(
            Api.newId(),
            "BENCH",
            "measure",
            Map.of("field", "NOW_LEFT", "typed", "1", "units", "METRIC")),
        "server/workshop.ofSide",
        "projector cutoff, left end");
  }

  @Test
  void heatIsJudgedByWhereItEnds() {
    String[] warm = {"21.0", "30.3", "37.1", "42.4", "47.1", "50.3", "53.7", "58.4", "59.7"};
    int[] minutes = {0, 1, 2, 3, 4, 5, 6, 8, 10};
    for (int i = 0; i < warm.length; i++) {
      kept(
          "PROVE",
          "heat",
          Map.of(
              "what",
              "left resistor",
              "after",
              minutes[i] + " min",
              "temperature",
              warm[i] + " °C"));
    }
    JsonNode heat = page().at("/heat/0");
    // SciPy 1.17 curve_fit ends at 64.69 °C
    assertThat(heat.at("/curve/endCelsius").asDouble()).isCloseTo(64.69, within(0.01));
    assertThat(heat.at("/finding/verdict").asText()).isEqualTo("OUT");
    assertThat(
            put(
                    Api.newId(),
                    "PROVE",
                    "heat",
                    Map.of("what", "x", "after", "3", "temperature", "47"))
                .status())
        .isEqualTo(422);
  }

  /** Left overnight, by the server's clock: what waited in the page was made yesterday. */
  @Test
  void tellsWhereOneStopped() {
    Api.expect(
        api.put(
            "/api/jobs/" + job + "/workshop/" + Api.newId(),
            Map.of("stage", "APART", "out", row(1, "PIECE", "bumper"), "waitedMs", 15 * 3_600_000)),
        200);
    JsonNode resume = page().get("resume");
    assertThat(resume.get("last").asText()).isEqualTo("off: bumper");
    assertThat(resume.get("out").asInt()).isEqualTo(1);
    kept("APART", "out", row(2, "BOLT", ""));
    assertThat(page().get("resume")).isNull();
  }

  @Test
  void hiddenFastenersOfTheLikeVehicleAreAnnounced() {
    Map<String, Object> hidden = row(1, "BOLT", "");
    hidden.putAll(Map.of("hidden", true, "note", "behind the washer neck"));
    kept("APART", "out", hidden);
    Map<String, ?> found =
        Map.of(
            "notes",
            List.of(
                Map.of("about", "HIDDEN_BOLT", "words", "third bolt behind the liner"),
                Map.of("about", "WIRING", "words", "the tap is in slot 12")),
            "minutes",
            Map.of(),
            "partsCost",
            "",
            "lookBack",
            "");
    Api.expect(api.put("/api/jobs/" + job + "/found", Map.of("version", 0, "found", found)), 200);
    job = api.newJob("Quenby Lantern", Map.of());
    assertThat(page().get("hidden"))
        .extracting(one -> one.get("words").asText())
        .contains("1 bolt: behind the washer neck", "third bolt behind the liner")
        .doesNotContain("the tap is in slot 12");
  }

  /** What waited for the network as it was typed is read once it is there. */
  @Test
  void lineThatWasCalledOutIsKeptAsWhatCameOff() {
    Map<String, Object> spot = Map.of("view", "FRONT", "across", 0.25, "up", 0.75);
    String id = Api.newId();
    Map<String, Object> called = Map.of("typed", "2 bolt 10 mm", "spot", spot);
    Api.expect(put(id, "APART", "called", called), 200);
    Api.expect(put(id, "APART", "called", called), 200);
    JsonNode bolts = page().get("ledger");
    assertThat(bolts).hasSize(1);
    assertThat(bolts.at("/0/row/size").asText()).isEqualTo("10 mm");
    assertThat(bolts.at("/0/row/spot/across").asDouble()).isEqualTo(0.25);
    kept("APART", "called", Map.of("typed", "4 clip upper edge", "spot", spot));
    assertThat(page().at("/ledger/1/row/spot/across").asDouble())
        .as("the words name a place of their own")
        .isNotEqualTo(0.25);
    kept("APART", "called", Map.of("typed", "bumper off", "spot", spot));
    assertThat(page().at("/ledger/2/row").has("spot")).as("a piece is no point").isFalse();
    Api.Answer other = put(id, "APART", "called", Map.of("typed", "3 bolt 10 mm"));
    assertThat(other.status()).isEqualTo(409);
    Api.Answer unread = put(Api.newId(), "APART", "called", Map.of("typed", "4"));
    assertThat(unread.status()).isEqualTo(422);
    kept("APART", "called", Map.of("typed", "4 grommits"));
    assertThat(stage("APART").get("findings").toString()).contains("What is “grommits”?");
    Map<String, Object> two =
        Map.of("stage", "APART", "called", called, "strikes", id, "waitedMs", 0);
    refused(
        api.put("/api/jobs/" + job + "/workshop/" + Api.newId(), two), "server/workshop.oneThing");
  }

  @Test
  void undoneOnceAndNeverWhatIsNotThere() {
    assertThat(put(Api.newId(), "APART", "strikes", Api.newId()).status()).isEqualTo(404);
    JsonNode two = api.post("/api/calc/ledger/line", Map.of("typed", "2 clip upper edge")).body();
    JsonNode three = api.post("/api/calc/ledger/line", Map.of("typed", "3 clip upper edge")).body();
    String clips = kept("APART", "out", two);
    String undo = kept("APART", "strikes", clips);
    Api.expect(put(undo, "APART", "strikes", clips), 200);
    Api.Answer again = put(Api.newId(), "APART", "strikes", clips);
    assertThat(again.status()).isEqualTo(409);
    refused(again, "server/record.undoneAlready");
    Api.Answer undoOfUndo = put(Api.newId(), "APART", "strikes", undo);
    assertThat(undoOfUndo.status()).isEqualTo(422);
    refused(undoOfUndo, "server/record.enterAgain");
    Api.Answer other = put(clips, "APART", "out", three);
    assertThat(other.status()).as("another entry under the id of one").isEqualTo(409);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "BENCH_DISTANCE | | 0.9 m | server/workshop.benchDistance",
        "BENCH_DISTANCE | | 31 m | server/workshop.benchLength",
        "BENCH_DISTANCE | | -5 m | server/workshop.benchLength",
        "RUN | | 49 mm | server/workshop.benchRun",
        "RUN | LEFT | 600 mm | server/workshop.ofSide",
        "BENCH_DISTANCE | | far | entry.numberExpected",
      })
  void lengthOnTheBenchThatCannotBeIsRefused(String field, String side, String typed, String why) {
    Map<String, Object> measure =
        new HashMap<>(Map.of("field", field, "typed", typed, "units", "METRIC"));
    if (side != null) {
      measure.put("side", side);
    }
    Api.Answer answer = put(Api.newId(), "BENCH", "measure", measure);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(422);
    refused(answer, why);
  }
}
