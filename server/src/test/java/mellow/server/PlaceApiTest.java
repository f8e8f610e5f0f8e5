package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The stage "Place" over HTTP: judged, kept, stale, printed. */
@ServerTest
class PlaceApiTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
  }

  private static Map<String, Object> round(double mm) {
    return Map.of("form", "ELLIPSE", "widthMm", mm, "heightMm", mm);
  }

  private static Map<String, Object> pair(String name, double outMm, double heightMm) {
    Map<String, Object> spot = Map.of("outMm", outMm, "heightMm", heightMm, "headingDeg", 0);
    return new HashMap<>(
        Map.of(
            "id",
            "fog",
            "name",
            name,
            "function",
            "FRONT_FOG",
            "heads",
            List.of(Map.of("lit", round(90), "outMm", 0, "upMm", 0)),
            "goesOutWithTurnSignal",
            false,
            "holes",
            List.of(Map.of("outMm", 0, "upMm", 0, "pilotMm", 3, "finalMm", 70)),
            "left",
            spot,
            "right",
            spot));
  }

  private static Map<String, Object> front(Map<String, Object> pair) {
    return new HashMap<>(
        Map.of(
            "ruleSets", List.of("un-r48"),
            "widthMm", 1700,
            "pairs", List.of(pair),
            "keepOuts", List.of()));
  }

  private static Map<String, Object> edit(int version, double heightMm) {
    return Map.of("version", version, "front", front(pair("fog lamp", 600, heightMm)));
  }

  private HttpResponse<byte[]> file(String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build(),
            HttpResponse.BodyHandlers.ofByteArray());
  }

  @Test
  void aFogLampTooLowIsOutAndMovesUpByWhatIsMissingAndTheTape() {
    Map<String, Object> request = Map.of("pair", "fog", "front", front(pair("fog lamp", 600, 290)));
    JsonNode answer =
        Api.expect(
                api.post("/api/calc/place", Map.of("front", front(pair("fog lamp", 600, 290)))),
                200)
            .body();
    assertThat(answer.get("worst").asText()).isEqualTo("OUT");
    assertThat(answer.get("foremost").asText())
        .isEqualTo("place.un-r48.fog.lower-edge@lamp:FRONT_FOG:LEFT:fog");
    JsonNode nearest = Api.expect(api.post("/api/calc/place/nearest", request), 200).body();
    assertThat(nearest.get("kind").asText()).isEqualTo("MOVES");
    // lower edge at 250, the tape's millimetre, and 5 mm for the fitting: 250 + 45 + 1 + 5
    assertThat(nearest.get("heightMm").asDouble()).isCloseTo(301, within(0.1));
    assertThat(nearest.get("outMm").asDouble()).isCloseTo(600, within(1e-6));
    Map<String, Object> tight = front(pair("fog lamp", 600, 290));
    tight.put("fittingMm", 0);
    JsonNode nearer =
        Api.expect(api.post("/api/calc/place/nearest", Map.of("pair", "fog", "front", tight)), 200)
            .body();
    assertThat(nearer.get("heightMm").asDouble()).isCloseTo(296, within(0.1));
  }

  @Test
  void whatIsKeptComesBackToTheLetterAndAStaleEditIsToldWhoChangedIt() {
    String job = api.newJob("Quenby Test", Map.of());
    String path = "/api/jobs/" + job + "/place";
    assertThat(api.get(path).body().get("version").asInt()).isZero();
    JsonNode kept = Api.expect(api.put(path, edit(0, 400)), 200).body();
    assertThat(kept.get("version").asInt()).isEqualTo(1);
    assertThat(kept.get("changedBy").asText()).isEqualTo("Åsa");
    // exported and sent again: nothing is lost, nothing is done twice
    Api.expect(api.put(path, Map.of("version", 1, "front", kept.get("front"))), 200);
    assertThat(api.get(path).body().get("front")).isEqualTo(kept.get("front"));
    assertThat(api.get(path).body().get("version").asInt()).isEqualTo(1);

    Api.expect(api.as("Bo").put(path, edit(1, 410)), 200);
    Api.Answer stale = api.put(path, edit(1, 420));
    assertThat(stale.status()).isEqualTo(409);
    refused(stale, "server/platform.changedBy", "Bo");
    assertThat(stale.body().at("/current/front/pairs/0/left/heightMm").asDouble()).isEqualTo(410);
  }

  @Test
  void theControlLineOfThePdfIs100MillimetresInItsOwnCoordinates() throws Exception {
    String job = api.newJob("Quenby Test", Map.of());
    Api.expect(api.put("/api/jobs/" + job + "/place", edit(0, 400)), 200);
    HttpResponse<byte[]> pdf =
        file("/api/jobs/" + job + "/place/template.pdf?pair=fog&side=LEFT&paper=A4");
    assertThat(pdf.headers().firstValue("Content-Disposition").orElseThrow())
        .contains("template-fog-left.pdf");
    try (PDDocument document = Loader.loadPDF(pdf.body())) {
      assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(595.28f, within(0.01f));
      List<Object> tokens = new ArrayList<>();
      PDFStreamParser parser = new PDFStreamParser(document.getPage(0));
      for (Object token = parser.parseNextToken(); token != null; ) {
        tokens.add(token);
        token = parser.parseNextToken();
      }
      double pointsPerUnit = number(tokens, operator(tokens, "cm", 0), 6);
      assertThat(
              IntStream.range(0, tokens.size())
                  .filter(at -> is(tokens.get(at), "l") && is(tokens.get(at - 3), "m"))
                  .mapToDouble(at -> number(tokens, at, 2) - number(tokens, at - 3, 2))
                  .map(units -> units * pointsPerUnit / 72 * 25.4))
          .anyMatch(mm -> Math.abs(mm - 100) < 0.05);
    }
  }

  private static int operator(List<Object> tokens, String name, int from) {
    return IntStream.range(from, tokens.size())
        .filter(at -> is(tokens.get(at), name))
        .findFirst()
        .orElseThrow();
  }

  private static boolean is(Object token, String operator) {
    return token instanceof Operator one && one.getName().equals(operator);
  }

  private static double number(List<Object> tokens, int operator, int before) {
    return ((COSNumber) tokens.get(operator - before)).floatValue();
  }

  @Test
  void anSvgIsSizedInMillimetresAndScriptInANameStaysText() throws Exception {
    String job = api.newJob("Quenby Test", Map.of());
    Map<String, Object> pair = pair("<script>alert(1)</script> Lämp", 600, 400);
    Api.expect(
        api.put("/api/jobs/" + job + "/place", Map.of("version", 0, "front", front(pair))), 200);
    String path = "/api/jobs/" + job + "/place/template.";
    String svg = new String(file(path + "svg?pair=fog&side=RIGHT&paper=LETTER").body(), "UTF-8");
    assertThat(svg)
        .contains("width=\"215.9mm\"")
        .contains("&lt;script&gt;")
        .doesNotContain("<script");
    assertThat(file(path + "pdf?pair=fog&side=RIGHT").statusCode()).isEqualTo(200);
    assertThat(file(path + "svg?pair=fog&side=LEFT&sheet=9").statusCode()).isEqualTo(422);
    assertThat(file(path + "svg?pair=none&side=LEFT").statusCode()).isEqualTo(422);
  }

  @Test
  void badFrontsAreRefusedWithASentence() {
    Map<String, Object> bow =
        Map.of(
            "form",
            "POLYGON",
            "corners",
            List.of(
                Map.of("outMm", 0, "upMm", 0),
                Map.of("outMm", 50, "upMm", 50),
                Map.of("outMm", 50, "upMm", 0),
                Map.of("outMm", 0, "upMm", 50)));
    Map<String, Object> crossed = pair("fog lamp", 600, 400);
    crossed.put("heads", List.of(Map.of("lit", bow, "outMm", 0, "upMm", 0)));
    notJudged(front(crossed), "placement.outlineCrosses", "25 mm / 25 mm");

    Map<String, Object> endless = pair("fog lamp", 600, 400);
    endless.put("heads", List.of(Map.of("lit", round(1e300), "outMm", 0, "upMm", 0)));
    notJudged(front(endless), "server/platform.tooLarge", "4000");

    Map<String, Object> drilled = pair("fog lamp", 600, 400);
    drilled.put("holes", List.of(Map.of("outMm", 0, "upMm", 0, "pilotMm", 9, "finalMm", 5)));
    notJudged(front(drilled), "server/place.pilotTooLarge");

    Map<String, Object> unknown = front(pair("fog lamp", 600, 400));
    unknown.put("ruleSets", List.of("moon"));
    notJudged(unknown, "server/place.noSet", "moon");

    Map<String, Object> twice = front(pair("fog lamp", 600, 400));
    twice.put("pairs", List.of(pair("a", 600, 400), pair("b", 500, 400)));
    notJudged(twice, "server/place.twice");
  }

  private void notJudged(Map<String, Object> front, String why, String... shown) {
    Api.Answer answer = api.post("/api/calc/place", Map.of("front", front));
    assertThat(answer.status()).isEqualTo(422);
    refused(answer, why, shown);
  }

  @Test
  void aLampWiderThanTheVehicleIsAFindingAndNoError() {
    Map<String, Object> wide = pair("fog lamp", 600, 400);
    wide.put("heads", List.of(Map.of("lit", round(3000), "outMm", 0, "upMm", 0)));
    JsonNode sheet =
        Api.expect(api.post("/api/calc/place", Map.of("front", front(wide))), 200).body();
    assertThat(sheet.get("findings").toString()).contains("out of the vehicle");
  }

  @Test
  void threePodsInFiveHolesTakeTheOuterOnesAndTheMiddle() {
    JsonNode answer =
        Api.expect(
                api.post(
                    "/api/calc/place/holes",
                    Map.of("holes", 5, "pitchMm", 60, "widthsMm", List.of(90, 90, 90))),
                200)
            .body();
    assertThat(answer.get("holes").toString()).isEqualTo("[1,3,5]");
  }

  @Test
  void theSetsThatAJobStartsWithGoByItsMarket() {
    String un = api.newJob("Quenby Test", Map.of());
    String us = api.newJob("Brask Test", Map.of("ruleSet", "us-sae-j599"));
    assertThat(api.get("/api/jobs/" + un + "/place").body().at("/front/ruleSets").toString())
        .isEqualTo("[\"un-r48\",\"fitters\"]");
    assertThat(api.get("/api/jobs/" + us + "/place").body().at("/front/ruleSets").toString())
        .isEqualTo("[\"us-fmvss-108\",\"us-ca-24403\",\"fitters\"]");
  }

  @Test
  void theSameRequestTwiceAtOnceIsKeptOnceAndRefusedNever() throws Exception {
    String path = "/api/jobs/" + api.newJob("Quenby Test", Map.of()) + "/place";
    ExecutorService pool = Executors.newFixedThreadPool(6);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        answers.add(pool.submit(() -> api.put(path, edit(0, 400)).status()));
      }
      for (Future<Integer> answer : answers) {
        assertThat(answer.get()).isEqualTo(200);
      }
    } finally {
      pool.shutdown();
    }
    assertThat(api.get(path).body().get("version").asInt()).isEqualTo(1);
  }

  @Test
  void aFrontOfAnUnknownOrForeignJobIsNotThere() {
    String nowhere = "/api/jobs/" + Api.newId() + "/place";
    assertThat(api.get(nowhere).status()).isEqualTo(404);
    assertThat(api.put(nowhere, edit(0, 400)).status()).isEqualTo(404);
    String job = "/api/jobs/" + api.newJob("Quenby Test", Map.of()) + "/place";
    assertThat(new Api("http://127.0.0.1:" + port, "").put(job, edit(0, 400)).status())
        .isEqualTo(422);
    assertThat(api.put(job, edit(7, 400)).status()).isEqualTo(404);
  }

  /** As much as may be sent, each outline as crooked as can be: answered, and in time. */
  @Test
  void aFrontFullOfCrookedOutlinesIsAnswered() {
    List<Map<String, Object>> comb = new ArrayList<>();
    for (int tooth = 0; tooth < 99; tooth++) {
      comb.add(
          Map.of("outMm", tooth * 2 + 0.1 / 3, "upMm", tooth % 2 == 0 ? 0 : 90 + 1e-7 * tooth));
    }
    comb.add(Map.of("outMm", 200, "upMm", -40));
    comb.add(Map.of("outMm", -5, "upMm", -40));
    Map<String, Object> shape = Map.of("form", "POLYGON", "corners", comb);
    List<Map<String, Object>> pairs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      Map<String, Object> pair = pair("lamp " + i, 300 + 20 * i, 400 + 1e-9 * i);
      pair.put("id", "p" + i);
      pair.put("heads", List.of(Map.of("lit", shape, "outMm", 0, "upMm", 0)));
      pairs.add(pair);
    }
    Map<String, Object> front = front(pair("fog lamp", 600, 400));
    front.put("pairs", pairs);
    front.put(
        "keepOuts", List.of(Map.of("id", "k", "name", "k", "outline", shape, "clearanceMm", 3)));
    Map<String, Object> request = new HashMap<>(Map.of("front", front));
    Api.expect(api.post("/api/calc/place", request), 200);
    request.put("pair", "p3");
    Api.expect(api.post("/api/calc/place/nearest", request), 200);
  }

  /** No real front has so many: what a request may cost is bounded by what it asks. */
  @Test
  void aFrontOfTooManyCornersIsRefusedWithASentence() {
    List<Map<String, Object>> ring = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      double turn = 2 * Math.PI * i / 200;
      ring.add(Map.of("outMm", 50 * Math.cos(turn), "upMm", 50 * Math.sin(turn)));
    }
    List<Map<String, Object>> pairs = new ArrayList<>();
    for (int i = 0; i < 11; i++) {
      Map<String, Object> pair = pair("lamp " + i, 300 + 20 * i, 400);
      pair.put("id", "p" + i);
      pair.put(
          "heads",
          List.of(
              Map.of("lit", Map.of("form", "POLYGON", "corners", ring), "outMm", 0, "upMm", 0)));
      pairs.add(pair);
    }
    Map<String, Object> front = front(pair("fog lamp", 600, 400));
    front.put("pairs", pairs);
    refused(
        api.post("/api/calc/place", Map.of("front", front)),
        "server/place.tooManyCorners",
        "2,000");
  }
}
