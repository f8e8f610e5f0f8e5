package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Whole jobs from apart to the printed pack in the trade's order: nothing waits for what was done,
 * and what comes too early is held back. Common practice.
 */
@ServerTest
class WorkshopFlowTest {
  private static final String[] SIDES = {"LEFT", "RIGHT"};

  @LocalServerPort private int port;

  private Api api;
  private String job;

  private void begin(String vehicle, String kind, String access) {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob(vehicle, Map.of());
    api.takeIn(job, kind, access);
  }

  /** How long ago something was written down. */
  private Api.Answer send(String stage, String part, Object what, Duration ago) {
    return api.put(
        "/api/jobs/" + job + "/workshop/" + Api.newId(),
        Map.of("stage", stage, part, what, "waitedMs", ago.toMillis()));
  }

  private void kept(String stage, String part, Object what) {
    Api.expect(send(stage, part, what, Duration.ZERO), 200);
  }

  private Api.Answer mark(String step, String side, String reason) {
    Map<String, Object> edit =
        new HashMap<>(Map.of("step", step, "skipped", false, "reason", reason));
    if (side != null) {
      edit.put("side", side);
    }
    String stage = step.substring(0, step.indexOf('.')).toUpperCase(java.util.Locale.ROOT);
    return send(stage, "step", edit, Duration.ZERO);
  }

  private void done(String... steps) {
    for (String step : steps) {
      Api.Answer answer = mark(step, null, "");
      assertThat(answer.status()).as(step + ": " + answer.detail()).isEqualTo(200);
    }
  }

  private void doneBothSides(String... steps) {
    for (String step : steps) {
      for (String side : SIDES) {
        Api.Answer answer = mark(step, side, "");
        assertThat(answer.status()).as(step + ": " + answer.detail()).isEqualTo(200);
      }
    }
  }

  private void waits(String step, String side, String what) {
    refused(mark(step, side, ""), "server/workshop.waits", what);
  }

  /** A step that reads something is not ticked without its reading, whatever the reason. */
  private void unread(String step, String what) {
    refused(mark(step, null, "it will be all right"), "server/workshop.orLeaveOut", what);
  }

  private void measured(String field, String typed) {
    kept("BENCH", "measure", Map.of("field", field, "typed", typed, "units", "METRIC"));
  }

  private void measured(String field, String side, String typed) {
    kept(
        "BENCH",
        "measure",
        Map.of("field", field, "side", side, "typed", typed, "units", "METRIC"));
  }

  private void cured(String adhesive, String time, Duration ago) {
    Map<String, ?> timer =
        Map.of("name", adhesive, "kind", "CURE", "adhesive", adhesive, "time", time);
    Api.expect(send("BENCH", "timer", timer, ago), 200);
  }

  private void off(String called) {
    kept("APART", "out", api.post("/api/calc/ledger/line", Map.of("typed", called)).body());
  }

  private JsonNode page() {
    return api.get("/api/jobs/" + job + "/workshop").body();
  }

  private void prove() {
    for (JsonNode item : page().at("/proof/items")) {
      for (JsonNode lamp : item.get("lamps")) {
        Map<String, Object> proof =
            new HashMap<>(
                Map.of(
                    "state",
                    item.get("state").asText(),
                    "function",
                    lamp.get("function").asText(),
                    "outcome",
                    "WORKS",
                    "tries",
                    0,
                    "seen",
                    ""));
        proof.put("side", lamp.get("side").asText());
        proof.put("name", lamp.get("name").asText());
        kept("PROVE", "proof", proof);
      }
    }
    assertThat(page().at("/proof/proved").asBoolean()).isTrue();
  }

  /** Everything back in reverse; what has a thread by hand, then tight. */
  private void together() {
    List<JsonNode> lines = new ArrayList<>();
    JsonNode page = page();
    for (JsonNode id : page.get("reverse")) {
      page.get("ledger")
          .forEach(
              line -> {
                if (line.get("id").equals(id)) {
                  lines.add(line);
                }
              });
    }
    for (JsonNode line : lines) {
      kept("TOGETHER", "move", move(line, "BACK"));
    }
    for (JsonNode line : page().get("ledger")) {
      if (line.get("byHand").asInt() > 0) {
        kept("TOGETHER", "move", move(line, "TIGHT"));
      }
    }
    page().get("ledger").forEach(line -> assertThat(line.get("done").asBoolean()).isTrue());
  }

  private static Map<String, ?> move(JsonNode line, String move) {
    return Map.of(
        "row", line.get("id").asText(), "move", move, "count", line.at("/row/count").asInt());
  }

  /** Aimed by the rule: 1.25 % down at 7620 mm is 95 mm. */
  private void aimed() {
    for (String side : SIDES) {
      for (String[] read :
          new String[][] {
            {"DISTANCE", "7620"}, {"CENTRE", "690"}, {"LOWER_EDGE", "610"}, {"CUTOFF_BELOW", "95"}
          }) {
        Api.expect(api.read(job, Api.newId(), read[0], side, read[1]), 200);
      }
    }
  }

  private void partsAreLookedAt() {
    Map<String, ?> projector =
        Map.of(
            "id", "projector",
            "name", "projector",
            "neededFor", "BENCH",
            "checks",
                Map.of(
                    "HERE", "RIGHT",
                    "VARIANT", "RIGHT",
                    "OUTLINE", "RIGHT",
                    "CONNECTORS", "RIGHT",
                    "COMPLETE", "RIGHT"),
            "outcome", "FITS",
            "with", "");
    Map<String, ?> parts =
        Map.of("parts", List.of(projector), "plugs", List.of(), "candidates", List.of(), "why", "");
    Api.expect(api.put("/api/jobs/" + job + "/parts", Map.of("version", 0, "parts", parts)), 200);
  }

  /** The place of the timer that runs. */
  private int running() {
    JsonNode timers = page().get("timers");
    for (int i = 0; i < timers.size(); i++) {
      if (timers.get(i).get("state").asText().equals("RUNNING")) {
        return i;
      }
    }
    throw new AssertionError("no timer runs");
  }

  private List<String> open() {
    List<String> names = new ArrayList<>();
    api.get("/api/jobs/" + job + "/hand-over")
        .body()
        .get("above")
        .forEach(above -> names.add(above.at("/finding/headline/pattern").asText()));
    return names;
  }

  private String pack(String reason) throws IOException {
    Api.expect(api.put("/api/jobs/" + job + "/closed", Map.of("reason", reason)), 200);
    try (PDDocument pack = Loader.loadPDF(api.file("/api/jobs/" + job + "/pack.pdf"))) {
      return new PDFTextStripper().getText(pack).replaceAll("\\s+", " ");
    }
  }

  @Test
  void retrofitFromApartToThePack() throws Exception {
    begin("Brask Tundal", "RETROFIT", "LAMPS_ONLY");
    waits("apart.front", null, "the negative terminal is off");
    done("apart.negative", "apart.front");
    for (String side : new String[] {"left", "right"}) {
      off("3 bolt 10 mm " + side);
      off(side + " headlamp off");
      off("2 connector " + side);
    }

    waits("bench.open", "LEFT", "the factory cutoff is taped");
    for (String[] one :
        new String[][] {
          {"BOWL_OPENING", "84"}, {"BOWL_DEPTH", "118"}, {"BEHIND", "74"}, {"CUT_TO", "103"},
          {"LENS", "63.5"}, {"SHROUD", "92"}, {"FRONT", "88"}, {"BACK", "61"},
          {"BENCH_DISTANCE", "6400"}, {"RUN", "600"}
        }) {
      measured(one[0], one[1]);
    }
    done("bench.fit");
    for (String side : SIDES) {
      measured("FACTORY_LEFT", side, "800");
      measured("FACTORY_RIGHT", side, "800");
      Map<String, ?> bake =
          Map.of(
              "purpose", "OPEN",
              "side", side,
              "temperature", "220 °F",
              "time", "5 min",
              "notInside", List.of("BULBS", "BALLASTS", "TAPES", "WIRES", "SCREWS"));
      Api.expect(send("BENCH", "bake", bake, Duration.ofMinutes(6)), 200);
    }
    doneBothSides("bench.cutoff", "bench.clips", "bench.open", "bench.cut", "bench.dummy");
    waits("bench.recheck", "LEFT", "the fast epoxy is not timed yet");
    cured("FAST_EPOXY", "6 min", Duration.ofMinutes(10));
    waits("bench.recheck", "RIGHT", "the projector is on the tape and level");
    for (String side : SIDES) {
      measured("NOW_LEFT", side, "801");
      measured("NOW_RIGHT", side, "800");
    }
    waits("bench.glue", "LEFT", "checked on the tape again");
    doneBothSides("bench.align", "bench.recheck", "bench.glue");
    cured("FULL_EPOXY", "24 h", Duration.ofHours(3));
    waits("bench.close", "LEFT", "the full epoxy is still curing");
    assertThat(open()).contains("FULL_EPOXY: runs for another {0}");
    kept("BENCH", "stop", Map.of("timer", page().at("/timers").get(running()).get("id").asText()));
    cured("FULL_EPOXY", "24 h", Duration.ofHours(25));
    doneBothSides("bench.shroud", "bench.bulbs", "bench.close");
    waits("bench.tabs", "LEFT", "the sealant is not timed yet");
    cured("SEALANT", "2 h", Duration.ofHours(3));
    doneBothSides("bench.tabs");

    done("prove.connect");
    waits("together.close", null, "every function is proved");
    unread("prove.hyperflash", "Count the flashes first");
    done("prove.power");
    prove();
    for (String side : SIDES) {
      kept("PROVE", "flash", Map.of("side", side, "flashes", 15, "time", "10 s"));
    }
    unread("prove.heat", "Read the heat first");
    for (int minute = 0; minute < 8; minute++) {
      // 45 °C at the end with a time constant of 2 min, from 20 °C
      String warm = "%.1f °C".formatted(45 - 25 * Math.exp(-minute / 2.0));
      kept(
          "PROVE",
          "heat",
          Map.of("what", "left lamp", "after", minute + " min", "temperature", warm));
    }
    done("prove.functions", "prove.hyperflash", "prove.heat", "together.reach", "together.behind");
    doneBothSides("together.seat");
    done("together.close");
    together();
    done("together.align", "together.access", "together.film");
    for (JsonNode stage : page().get("stages")) {
      assertThat(stage.get("steps"))
          .as(stage.get("stage").asText())
          .allMatch(step -> step.get("state").asText().equals("DONE"));
    }
    assertThat(open())
        .containsExactly(
            "The parts were not checked",
            "Left low beam: not read at the wall since the work",
            "Right low beam: not read at the wall since the work");
    aimed();
    partsAreLookedAt();
    assertThat(open()).isEmpty();
    assertThat(pack(""))
        .contains("Projectors were built into the headlamps.")
        .contains("oven: left lamp, 220 °F, 5 min, to open")
        .contains("done: Both faces scuffed")
        .doesNotContain("Still open");
  }

  /** The hole waits for place, light and parts: it goes on with a reason, and that is printed. */
  @Test
  void fogJobFromApartToThePack() throws Exception {
    begin("Quenby Lantern", "FOG", "BUMPER_OFF");
    done("apart.negative", "apart.jack", "apart.front", "apart.bumper");
    off("6 clip upper edge");
    off("4 bolt 8 mm lower edge");
    off("bumper off");
    off("1 connector left");
    off("1 connector right");
    doneBothSides("apart.liner");
    waits("apart.gate", "LEFT", "“Place” was not begun");
    for (String side : SIDES) {
      assertThat(mark("apart.gate", side, "blank covers: the holes are the maker's").status())
          .isEqualTo(200);
    }
    Api.Answer dead =
        send(
            "PROVE",
            "proof",
            Map.of(
                "state", "LOW", "function", "DIPPED", "outcome", "WORKS", "tries", 0, "seen", ""),
            Duration.ZERO);
    refused(dead, "server/workshop.nothingLit");
    done("prove.connect", "prove.power");
    prove();
    done("prove.functions", "together.reach", "together.behind", "together.close");
    together();
    done("together.bumper", "together.align", "together.access", "together.film");
    assertThat(pack("the wall is taken; the fogs are aimed on Friday"))
        .contains("Left front fog lamp: not read at the wall since the work")
        .contains("Fog lamps were fitted and wired.")
        .contains("done although this")
        .contains("off: 6 clips, pin pulled, upper edge");
  }
}
