package mellow.server.record;

import static mellow.server.testing.Api.expect;
import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What a page answered once, it answers again to whoever looks back to that moment. */
@ServerTest
class LookingBackTest {
  private static final List<String> PAGES =
      List.of(
          "",
          "/take-in",
          "/parts",
          "/place",
          "/feed",
          "/workshop",
          "/hand-over",
          "/photos",
          "/standing");

  /** By the clock, and when the job was touched, which is no part of its record. */
  private static final List<String> OF_THE_MOMENT = List.of("now", "touchedAt");

  @LocalServerPort private int port;
  private Api api;

  /** What the job's pages answered, by the number of the last line then. */
  private final Map<Long, Map<String, JsonNode>> answered = new LinkedHashMap<>();

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
  }

  private long last(String job) {
    return api.get("/api/jobs/" + job + "/record").body().get("last").asLong();
  }

  private Map<String, JsonNode> pages(Api seen, String job) {
    Map<String, JsonNode> pages = new LinkedHashMap<>();
    for (String page : PAGES) {
      pages.put(page, lasting(expect(seen.get("/api/jobs/" + job + page), 200).body()));
    }
    return pages;
  }

  private static JsonNode lasting(JsonNode node) {
    if (node instanceof ObjectNode object) {
      object.remove(OF_THE_MOMENT);
    }
    node.forEach(LookingBackTest::lasting);
    return node;
  }

  private void remember(String job) {
    answered.put(last(job), pages(api, job));
  }

  private String put(String job, String path, Map<String, ?> body) {
    String id = Api.newId();
    expect(api.put("/api/jobs/" + job + path + id, body), 200);
    remember(job);
    return id;
  }

  private String read(String job, String kind, String side, String typed) {
    String id = Api.newId();
    expect(api.read(job, id, kind, side, typed), 200);
    remember(job);
    return id;
  }

  @Test
  void eachPageIsAsItWasAfterEachLine() {
    String job = api.newJob("Quenby Then", Map.of("labelTyped", "1.2 %"));
    remember(job);
    api.takeIn(job, "AIM", "LAMPS_ONLY");
    remember(job);
    for (String side : List.of("LEFT", "RIGHT")) {
      read(job, "DISTANCE", side, "7620");
      read(job, "CENTRE", side, "668");
    }
    String wrong = read(job, "CUTOFF_BELOW", "RIGHT", "18");
    put(job, "/undone/", Map.of("strikes", wrong));
    read(job, "CUTOFF_BELOW", "RIGHT", "91");
    Map<String, Object> other = Api.jobEdit(vehicle(job));
    other.putAll(Map.of("version", 1, "school", "LEVEL", "work", "aim, and a new label"));
    expect(api.put("/api/jobs/" + job, other), 200);
    remember(job);
    put(
        job,
        "/workshop/",
        Map.of("stage", "APART", "waitedMs", 0, "called", Map.of("typed", "4 clip upper edge")));
    expect(api.put("/api/jobs/" + job + "/closed", Map.of("reason", "fetched in a hurry")), 200);
    remember(job);
    put(job, "/amendments/", Map.of("words", "It was a T20.", "why", "read again"));

    answered.forEach(
        (line, then) -> {
          Map<String, JsonNode> now = pages(api.lookingBackTo(line), job);
          PAGES.forEach(
              page ->
                  assertThat(now.get(page)).as("%s at %d", page, line).isEqualTo(then.get(page)));
        });
    assertThat(new ArrayList<>(answered.values())).doesNotHaveDuplicates();
  }

  private String vehicle(String job) {
    return api.get("/api/jobs/" + job).body().at("/job/vehicleId").asText();
  }

  @Test
  void nothingIsEnteredThen() {
    String job = api.newJob("Quenby Still", Map.of());
    Api then = api.lookingBackTo(last(job));
    refused(then.read(job, Api.newId(), "SPACING", null, "1200"), "server/platform.nothingThen");
    assertThat(api.get("/api/jobs/" + job).body().get("readings")).isEmpty();
  }

  @Test
  void onlyLinesThatAreThereAreLookedBackTo() {
    String earlier = api.newJob("Quenby First", Map.of());
    long before = last(earlier);
    String later = api.newJob("Quenby Second", Map.of());
    refused(api.lookingBackTo(before).get("/api/jobs/" + later), "server/job.notThereYet");
    refused(
        api.lookingBackTo(last(later) + 1000).get("/api/jobs/" + later),
        "server/record.noLineOfNumber");
    refused(api.lookingBackTo("12x").get("/api/yard"), "server/platform.notANumber", "12x");
  }
}
