package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The stage Find over HTTP: a fault is hunted to its end on the job's simulated vehicle. */
@ServerTest
class FindApiTest {
  private static final int MOST_CHECKS = 80;

  @LocalServerPort private int port;

  private Api api;
  private String job;

  @BeforeEach
  void aJob() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Quenby Lantern", Map.of());
  }

  private String path() {
    return "/api/jobs/" + job + "/find";
  }

  private Map<String, Object> searching(String circuit) {
    Map<String, Object> find = new HashMap<>();
    find.put("plan", Map.of("id", circuit, "version", 1, "answers", Map.of(), "changes", Map.of()));
    find.put("complaint", "left one is dark");
    find.put("touched", List.of());
    find.put("open", List.of("BONNET", "LAMPS"));
    find.put("tools", List.of("METER", "TEST_LIGHT", "LEADS", "GOOD_LAMP", "GOOD_RELAY"));
    find.put("twoPeople", true);
    return find;
  }

  private Api.Answer put(int version, Map<String, Object> find) {
    return api.put(path(), Map.of("version", version, "find", find));
  }

  private Api.Answer checked(Object shown) {
    return api.put(
        "/api/jobs/" + job + "/workshop/" + UUID.randomUUID(),
        Map.of("stage", "FIND", "check", Map.of("shown", shown), "waitedMs", 0));
  }

  private JsonNode page() {
    return Api.expect(api.get(path()), 200).body();
  }

  @Test
  void aHiddenFaultIsHuntedToItsEndAndOnPaper() throws IOException {
    // the job's id decides what is wrong with its simulated vehicle
    job = api.newJob("0192f4a0-0000-7000-8000-000000000023", "Quenby Lantern", Map.of());
    assertThat(page().has("hunt")).isFalse();
    assertThat(put(0, searching("factory-low-switched-plus")).status()).isEqualTo(200);
    JsonNode hunt = page().get("hunt");
    assertThat(hunt.get("standing").asText()).isEqualTo("NOTHING_SEEN");
    List<String> named = hunted();
    List<String> truth = new ArrayList<>();
    api.get(path() + "/simulated/truth")
        .body()
        .get("parts")
        .forEach(one -> truth.add(one.asText()));
    assertThat(truth).hasSize(2).containsAll(named);

    // one of two faults hid the other: the search goes on, and what led to the first counts no more
    Map<String, Object> find = searching("factory-low-switched-plus");
    find.put("ended", ended(named));
    assertThat(put(1, find).status()).isEqualTo(200);
    find.remove("ended");
    find.put("earlier", List.of(Map.of("ended", ended(named), "lines", lines())));
    assertThat(put(2, find).status()).isEqualTo(200);
    assertThat(page().at("/hunt/standing").asText()).isEqualTo("NOTHING_SEEN");
    List<String> second = hunted();
    assertThat(truth)
        .containsExactlyInAnyOrderElementsOf(
            Stream.concat(named.stream(), second.stream()).toList());
    find.put("ended", ended(second));
    assertThat(put(3, find).status()).isEqualTo(200);
    theNextSearchOnOneLikeItKnows(job, named.get(0));
    try (PDDocument pack = Loader.loadPDF(api.file("/api/jobs/" + job + "/pack.pdf"))) {
      assertThat(new PDFTextStripper().getText(pack).replaceAll("[\\s\\p{Z}]+", " "))
          .contains("Fault hunt", "Complaint: left one is dark", "It was: " + named.get(0))
          .contains("It was: " + second.get(0), "mended: cleaned and tightened");
    }
  }

  private void theNextSearchOnOneLikeItKnows(String found, String part) {
    String like = api.newJob("Quenby Lantern", Map.of());
    JsonNode before = api.get("/api/jobs/" + like + "/find").body().get("before");
    assertThat(before.get("sorts")).isNotEmpty();
    assertThat(before.get("alike"))
        .anySatisfy(
            one -> {
              assertThat(one.get("jobId").asText()).isEqualTo(found);
              assertThat(one.get("parts").get(0).asText()).isEqualTo(part);
            });
  }

  private static Map<String, Object> ended(List<String> parts) {
    return Map.of("how", "MENDED", "parts", parts, "did", "cleaned and tightened");
  }

  private List<String> lines() {
    List<String> ids = new ArrayList<>();
    page().at("/hunt/lines").forEach(line -> ids.add(line.get("id").asText()));
    return ids;
  }

  /** Takes every check that is proposed, with what the simulated vehicle shows, to the end. */
  private List<String> hunted() {
    JsonNode hunt = page().get("hunt");
    for (int i = 0; i < MOST_CHECKS && hunt.has("next"); i++) {
      JsonNode asked = hunt.at("/next/check/check");
      JsonNode shown =
          Api.expect(api.post(path() + "/simulated", Map.of("checks", List.of(asked))), 200).body();
      Api.expect(checked(shown), 200);
      hunt = page().get("hunt");
    }
    assertThat(hunt.get("standing").asText()).isEqualTo("FOUND");
    List<String> named = new ArrayList<>();
    hunt.at("/candidates/0/parts").forEach(part -> named.add(part.asText()));
    return named;
  }

  @Test
  void aStruckLineCountsNoMoreAndAnotherCircuitDoesNotKnowIt() {
    put(0, searching("factory-low-switched-plus"));
    String line = UUID.randomUUID().toString();
    Map<String, Object> dark =
        Map.of("kind", "LAMP", "state", "LOW", "lamp", "left low beam", "value", 0);
    api.put(
        "/api/jobs/" + job + "/workshop/" + line,
        Map.of("stage", "FIND", "check", Map.of("shown", List.of(dark)), "waitedMs", 0));
    JsonNode before = page().at("/hunt/candidates");
    assertThat(page().at("/hunt/lines/0/counts").asBoolean()).isTrue();
    put(1, searching("factory-main-relay"));
    assertThat(page().at("/hunt/lines/0/counts").asBoolean()).isFalse();
    put(2, searching("factory-low-switched-plus"));
    assertThat(page().at("/hunt/candidates")).isEqualTo(before);
    api.put(
        "/api/jobs/" + job + "/workshop/" + UUID.randomUUID(),
        Map.of("stage", "FIND", "strikes", line, "waitedMs", 0));
    assertThat(page().at("/hunt/lines")).isEmpty();
    assertThat(page().at("/hunt/standing").asText()).isEqualTo("NOTHING_SEEN");
  }

  @Test
  void whatCannotBeIsRefusedInASentence() {
    Map<String, Object> ended = searching("factory-low-switched-plus");
    ended.put("ended", Map.of("how", "MENDED", "parts", List.of(), "did", "new bulb"));
    assertThat(put(0, ended).body().get("detail").asText()).contains("which part it was");
    put(0, searching("factory-low-switched-plus"));
    Map<String, Object> tooMuch =
        Map.of(
            "kind",
            "VOLTS",
            "state",
            "LOW",
            "from",
            "left low beam +",
            "to",
            "ground",
            "value",
            230);
    assertThat(checked(List.of(tooMuch)).body().get("detail").asText()).contains("60.00 V");
    Map<String, Object> noState = Map.of("kind", "LAMP", "lamp", "left low beam", "value", 0);
    assertThat(checked(List.of(noState)).status()).isEqualTo(422);
    Map<String, Object> noSuchPart =
        Map.of(
            "kind",
            "EXCHANGED",
            "state",
            "LOW",
            "part",
            "horn",
            "lamp",
            "left low beam",
            "value",
            0);
    assertThat(
            api.post(path() + "/simulated", Map.of("checks", List.of(noSuchPart)))
                .body()
                .get("detail")
                .asText())
        .contains("no such part");
  }

  /** What is measured against what was solved is read on the same vehicle. */
  @Test
  void theSimulatedMeterIsPutOnTheJobsOwnFeed() {
    // the job's id decides what is wrong with its simulated vehicle: here, a low beam
    job = api.newJob("0192f4a0-0000-7000-8000-000000000042", "Quenby Lantern", Map.of());
    refused(atFeed("battery +", false), "server/find.noCircuitYet");
    Map<String, Object> feed = new HashMap<>();
    for (String list : "wishes sources routes hazards readings battery open settings".split(" ")) {
      feed.put(list, List.of());
    }
    feed.put(
        "plan",
        Map.of("id", "drl-two-relays", "version", 1, "answers", Map.of(), "changes", Map.of()));
    Api.expect(api.put("/api/jobs/" + job + "/feed", Map.of("version", 0, "feed", feed)), 200);
    // another circuit is searched meanwhile
    Api.expect(put(0, searching("factory-low-switched-plus")), 200);

    Api.expect(atFeed("battery +", false), 204);
    // what an alternator keeps, common practice
    double volts = settled("VOLTS");
    assertThat(volts).isBetween(13.5, 14.8);
    Api.expect(atFeed("battery lead", true), 204);
    // two running lamps of 8 W, as the plan has them: I = P/U; four times the clamp's noise
    assertThat(settled("AMPS")).isCloseTo(2 * 8 / volts, within(0.25));
    refused(atFeed("left low beam +", false), "server/find.notOfThisCircuit");
    refused(atFeed("ground", false), "server/find.notOfThisCircuit");
  }

  private Api.Answer atFeed(String place, boolean amperes) {
    return api.post(
        path() + "/simulated/probes/feed",
        Map.of("state", "DAY", "amperes", amperes, "place", place));
  }

  /** What the simulated meter shows once two readings are as close as its noise. */
  private double settled(String what) {
    String meter = api.get("/api/meter/simulated").body().get("address").asText();
    double before = Double.NaN;
    while (true) {
      double now =
          api.get("/api/meter?address=" + meter + "&what=" + what).body().get("value").asDouble();
      if (Math.abs(now - before) < 0.2) {
        return now;
      }
      before = now;
      LockSupport.parkNanos(300_000_000L);
    }
  }
}
