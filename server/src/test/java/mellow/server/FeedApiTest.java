package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The stage Feed over HTTP: from wishes to a plan that is kept, changed, refused and printed. */
@ServerTest
class FeedApiTest {
  @LocalServerPort private int port;

  private Api api;
  private String job;

  @BeforeEach
  void aJob() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Quenby Lantern", Map.of());
  }

  private static Map<String, Object> nothing() {
    Map<String, Object> feed = new HashMap<>();
    for (String list : "wishes sources routes hazards readings battery open settings".split(" ")) {
      feed.put(list, List.of());
    }
    return feed;
  }

  private static Map<String, Object> with(String name, Object value) {
    Map<String, Object> feed = nothing();
    feed.put(name, value);
    return feed;
  }

  private static Map<String, Object> plan(String id, Map<String, String> answers) {
    return Map.of("id", id, "version", 1, "answers", answers, "changes", Map.of());
  }

  private Api.Answer put(int version, Map<String, Object> feed) {
    return api.put("/api/jobs/" + job + "/feed", Map.of("version", version, "feed", feed));
  }

  private String text(String path) {
    return Api.expect(api.get(path), 200).raw().body();
  }

  @Test
  void wishesFindAPlanThatIsSolvedAndPrinted() {
    List<Object> wishes = new ArrayList<>();
    Map.of("DAY_FOG", "OUT", "SIDE_FOG", "FULL", "MAIN_FOG", "OUT")
        .forEach(
            (state, level) ->
                wishes.add(Map.of("function", "FRONT_FOG", "state", state, "level", level)));
    JsonNode first =
        api.post(
                "/api/calc/feed/proposals?job=" + job,
                Map.of("wishes", wishes, "known", Map.of("lowStays", "yes")))
            .body()
            .get(0);
    assertThat(first.at("/plan/id").asText()).isEqualTo("fog-own-switch");
    assertThat(first.at("/answers/outOnMain").asText()).isEqualTo("yes");
    assertThat(first.get("misses")).isEmpty();

    Map<String, Object> feed =
        with("plan", plan("fog-own-switch", Map.of("outOnMain", "yes", "leadFuse", "3")));
    Api.Answer kept = put(0, feed);
    assertThat(kept.status()).isEqualTo(200);
    assertThat(kept.body().at("/sheet/worst").asText()).isEqualTo("WITHIN");
    assertThat(kept.body().at("/sheet/drawing/symbols").size()).isGreaterThan(10);
    assertThat(put(0, feed).status()).as("the same again").isEqualTo(200);
    assertThat(put(0, nothing()).status()).as("on a stale version").isEqualTo(409);

    String path = "/api/jobs/" + job + "/feed/";
    assertThat(printed(path + "sheet.pdf"))
        .contains("Quenby Lantern", "Fog lamps with a switch of their own", "fog switch", "15 A");
    assertThat(text(path + "sheet.svg")).startsWith("<svg ").contains("fog relay");
    assertThat(text(path + "netlist?state=LOW_FOG")).contains("\n.op\n.end");
    String csv = text(path + "parts.csv");
    assertThat(csv).startsWith("part,kind,name,value").contains("left branch,wire,size,1.5 mm²");

    String thicker = csv.replace("left branch,wire,size,1.5", "left branch,wire,size,2.5");
    Map<String, Object> in =
        Map.of(
            "csv",
            thicker,
            "plan",
            plan("fog-own-switch", Map.of("outOnMain", "yes", "leadFuse", "3")));
    assertThat(api.post(path + "parts", in).body().at("/changes/left branch/size").asText())
        .isEqualTo("2.5 mm²");
  }

  private static Map<String, Object> beside(Map<String, Object> plan, String id, String pair) {
    Map<String, Object> joint = new HashMap<>(plan);
    joint.put("beside", List.of(Map.of("tag", "p2", "id", id, "version", 1, "pair", pair)));
    return joint;
  }

  /** Fog lamps and running lamps of one job: one table, one list, one sheet of paper, one file. */
  @Test
  void twoPlansStandInOneCircuit() {
    Map<String, Object> two =
        beside(
            plan("fog-own-switch", Map.of("p2_slotName", "slot 31", "p2_slotFeeds", "comfort")),
            "drl-tap",
            "");
    JsonNode sheet = Api.expect(put(0, with("plan", two)), 200).body().get("sheet");
    assertThat(sheet.get("lamps").findValuesAsText("words"))
        .contains("front fog lamp", "daytime running lamp");
    assertThat(sheet.at("/beside/0/plan/id").asText()).isEqualTo("drl-tap");
    assertThat(sheet.at("/donors/0/name").asText()).isEqualTo("slot 31");
    assertThat(printed("/api/jobs/" + job + "/feed/sheet.pdf"))
        .contains("slot 31, feeds socket, radio", "drl feed 2", "fog feed");
    String next = api.newJob("Quenby Lantern", Map.of());
    assertThat(api.get("/api/jobs/" + next + "/feed").body().get("slots").toString())
        .as("before the next technician at such a vehicle")
        .contains("slot 31");

    Api.Answer twice = put(1, with("plan", beside(plan("drl-kit", Map.of()), "drl-tap", "")));
    assertThat(Api.expect(twice, 200).body().at("/sheet/findings").toString())
        .contains("Two plans feed the same lamps");
    Map<String, Object> tags = new HashMap<>(two);
    tags.put(
        "beside",
        List.of(
            Map.of("tag", "p2", "id", "drl-tap", "version", 1, "pair", ""),
            Map.of("tag", "p2", "id", "grille-lamps", "version", 1, "pair", "")));
    refused(put(2, with("plan", tags)), "server/feed.sameTag", "p2");
  }

  /** A flasher is half open: each half has a netlist of its own, and both one over time. */
  @Test
  void pulsedCircuitHasANetlistOfEachPhase() {
    put(0, with("plan", plan("turn-resistor", Map.of())));
    String path = "/api/jobs/" + job + "/feed/netlist?state=HAZARD";
    assertThat(text(path)).contains("all pulsed contacts closed, 50 % of the time");
    assertThat(text(path + "&phase=2")).contains("flasher open, 50 % of the time");
    assertThat(text(path + "&overTime=true")).contains("PULSE(1 0", ".tran ");
    refused(api.get(path + "&phase=3"), "server/feed.phases", "2 phases", "not 3");
  }

  /** The controls moved without anything kept: lamps, relay, battery follow. */
  @Test
  void controlsAreSolvedAtOnce() {
    Map<String, Object> controls =
        Map.of("key", "ENGINE", "lights", "SIDE", "fog", true, "turn", "OFF", "auxiliary", false);
    Map<String, Object> request =
        Map.of("plan", plan("fog-own-switch", Map.of()), "controls", controls);
    JsonNode solved = api.post("/api/calc/feed/solve", request).body();
    // 14.2 V behind 2 mΩ against 12.8 V behind 10 mΩ stand at 13.97 V without load
    assertThat(solved.at("/battery/value").asDouble()).isBetween(13.9, 13.97);
    assertThat(part(solved, "fog relay").get("on").asBoolean()).isTrue();
    assertThat(part(solved, "left fog lamp").at("/lamp/level").asText()).isEqualTo("FULL");
    assertThat(part(solved, "left low beam").at("/lamp/level").asText()).isEqualTo("OUT");
  }

  private String printed(String path) {
    try (PDDocument sheet = Loader.loadPDF(api.file(path))) {
      assertThat(sheet.getPage(0).getMediaBox().getHeight())
          .as("A4, lying")
          .isCloseTo(595, within(1f));
      return new PDFTextStripper().getText(sheet);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A point says where its volts come from; one that is not there, that it is not. */
  @Test
  void pointOfTheCircuitHasItsWorking() {
    Map<String, Object> request =
        new HashMap<>(
            Map.of(
                "plan",
                plan("drl-tap", Map.of()),
                "controls",
                Map.of(
                    "key", "RUN", "lights", "OFF", "fog", false, "turn", "OFF", "auxiliary", false),
                "node",
                "left drl +"));
    JsonNode node = api.post("/api/calc/feed/node", request).body();
    assertThat(node.at("/volts/value").asDouble()).isBetween(12.6, 12.8);
    assertThat(node.at("/working").findValuesAsText("label"))
        .startsWith("battery")
        .endsWith("left branch");
    request.put("node", "<b>nowhere</b>");
    Api.Answer nowhere = api.post("/api/calc/feed/node", request);
    assertThat(nowhere.status()).isEqualTo(422);
    refused(nowhere, "feed.noPoint", "<b>nowhere</b>");
  }

  private static JsonNode part(JsonNode solved, String id) {
    for (JsonNode part : solved.get("parts")) {
      if (part.get("id").asText().equals(id)) {
        return part;
      }
    }
    throw new AssertionError(id);
  }

  @Test
  void whatCannotBeIsRefusedWithItsReason() {
    Api.Answer negative = put(0, with("plan", plan("fog-own-switch", Map.of("farMetres", "-3"))));
    assertThat(negative.status()).isEqualTo(422);
    refused(negative, "feed.outsideRange", "0.1 and 20 m", "-3");
    refused(
        put(0, with("plan", plan("no-such-plan", Map.of()))),
        "server/feed.noPlanVersion",
        "no-such-plan",
        "1");

    Map<String, Object> dead =
        with(
            "battery",
            List.of(Map.of("what", "DEAD_STEP", "step", "splice", "person", "Runa", "at", "")));
    refused(put(0, dead), "feed.stillConnected");
    assertThat(api.get("/api/jobs/" + job + "/feed").body().get("version").asInt()).isZero();
    refused(api.get("/api/jobs/" + job + "/feed/netlist?state=LOW"), "server/feed.noPlanYet");
  }

  @Test
  void aShopKeepsPlansOfItsOwn() {
    String file = text("/api/feed-plans/drl-tap/file");
    Map<String, Object> own = Map.of("version", 0, "title", "Valley running lamps", "file", file);
    assertThat(api.put("/api/feed-plans/valley-drl", own).body().get("own").asBoolean()).isTrue();
    assertThat(api.put("/api/feed-plans/valley-drl", own).status()).isEqualTo(200);
    assertThat(api.get("/api/feed-plans").body().findValuesAsText("id")).contains("valley-drl");
    assertThat(put(0, with("plan", plan("valley-drl", Map.of()))).status()).isEqualTo(200);
    Map<String, Object> broken =
        Map.of("version", 1, "title", "x", "file", file.replace("\"{slot}\"", "\"{nowhere}\""));
    refused(api.put("/api/feed-plans/valley-drl", broken), "feed.notAsked", "fuse tap", "nowhere");
    assertThat(api.put("/api/feed-plans/drl-tap", own).status()).isEqualTo(422);
  }

  @Test
  void probedWireAndBodyComputer() {
    Map<String, Object> wire = new HashMap<>();
    wire.putAll(
        Map.of("id", "s", "place", "B 8", "colour", "", "ground", "battery", "supplyVolts", 12.5));
    wire.put(
        "readings",
        List.of(
            Map.of("key", "OFF", "lights", "OFF", "volts", 0),
            Map.of("key", "OFF", "lights", "SIDE", "volts", 12.4)));
    JsonNode is = api.post("/api/calc/feed/probe", wire).body();
    assertThat(is.at("/answer").asText()).isEqualTo("IS");
    assertThat(is.at("/words").asText()).isEqualTo("position lamps");

    assertThat(written(List.of()).get("says").asText())
        .isEqualTo("Refused: set the function as present first.");
    assertThat(
            written(List.of(Map.of("parameter", "running lamps present", "value", "yes")))
                .get("taken")
                .asBoolean())
        .isTrue();
  }

  private JsonNode written(List<?> before) {
    return api.post(
            "/api/standin/body-computer",
            Map.of(
                "written",
                before,
                "write",
                Map.of("parameter", "running lamp type", "value", "LED"),
                "volts",
                12.6))
        .body()
        .get("outcome");
  }
}
