package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import mellow.core.formats.FeedPlanBook;
import mellow.core.workflow.TakeIn;
import mellow.core.workflow.WorkKind;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * A technician who works through jobs of every kind and makes mistakes: skips, wrong sides, changed
 * plans, a night between. Whatever is done: no step is offered that cannot be done, nothing is
 * called within that was not read, and nothing closes with something open but by a signed reason.
 * {@code -Dtechnician.jobs=N} works through more of them.
 */
@ServerTest
class SimulatedTechnicianTest {
  private static final int MOST_ACTS = 90;

  /** What has to be over before a step, whatever the product says. Common practice. */
  private static final Map<String, List<String>> BEFORE =
      Map.ofEntries(
          Map.entry("apart.front", List.of("apart.negative")),
          Map.entry("apart.bumper", List.of("apart.front")),
          Map.entry("bench.close", List.of("bench.open")),
          Map.entry("bench.glue", List.of("bench.align")),
          Map.entry("prove.functions", List.of("prove.connect")),
          Map.entry("prove.heat", List.of("prove.connect")),
          Map.entry("together.bumper", List.of("together.behind")),
          Map.entry("together.align", List.of("together.seat")));

  @LocalServerPort private int port;

  private Api api;
  private String job;
  private Random random;
  private int feedVersion;
  private @Nullable JsonNode page;
  private final List<String> acts = new ArrayList<>();

  static IntStream jobs() {
    return IntStream.range(0, Integer.getInteger("technician.jobs", 20));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void worksThroughAJobAndMakesMistakes(int seed) {
    random = new Random(20261129L + seed);
    api = new Api("http://127.0.0.1:" + port, "Runa");
    job = api.newJob("Quenby " + seed, Map.of());
    WorkKind kind = WorkKind.values()[seed % WorkKind.values().length];
    TakeIn.Access access = oneOf(List.of(TakeIn.Access.values()));
    api.takeIn(job, kind.name(), access.name());
    acts.add(kind + ", " + access);
    if (random.nextBoolean()) {
      changePlan();
    }
    for (int act = 0; act < MOST_ACTS; act++) {
      List<JsonNode> open = steps("READY", "WAITS");
      if (open.isEmpty()) {
        break;
      }
      act(open);
    }
    page = null;
    nothingUnreadIsWithin();
    closes();
  }

  private <T> T oneOf(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  /** The page as it stands; what was kept last answered with it. */
  private JsonNode workshop() {
    if (page == null) {
      page = Api.expect(api.get("/api/jobs/" + job + "/workshop"), 200).body();
    }
    return page;
  }

  private List<JsonNode> steps(String... states) {
    List<JsonNode> steps = new ArrayList<>();
    for (JsonNode stage : workshop().get("stages")) {
      if (stage.get("planned").asBoolean()) {
        for (JsonNode step : stage.get("steps")) {
          if (List.of(states).contains(step.get("state").asText())) {
            steps.add(step);
          }
        }
      }
    }
    return steps;
  }

  private void act(List<JsonNode> open) {
    List<JsonNode> ready =
        open.stream().filter(step -> step.get("state").asText().equals("READY")).toList();
    int dice = random.nextInt(100);
    if (dice < 8) {
      changePlan();
    } else if (dice < 20 && ready.size() < open.size()) {
      tooEarly(oneOf(open.stream().filter(step -> !ready.contains(step)).toList()));
    } else if (dice < 28) {
      leavesOutWithoutAReason(oneOf(open));
    } else if (dice < 34) {
      onTheWrongSide(oneOf(open));
    } else if (dice < 42 || ready.isEmpty()) {
      Api.expect(mark(oneOf(open), true, "not for this vehicle", Duration.ZERO), 200);
    } else {
      works(oneOf(ready));
    }
  }

  /** What is offered can be done: at once, or with the reading that it asks for. */
  private void works(JsonNode step) {
    mayBeDone(step);
    if (!step.get("unread").asText().isEmpty() && random.nextBoolean() && reads(step)) {
      page = null;
      Api.expect(mark(step, false, "", Duration.ZERO), 200);
      return;
    }
    Duration night = random.nextInt(10) == 0 ? Duration.ofHours(14) : Duration.ZERO;
    Api.Answer answer = mark(step, false, "", night);
    if (answer.status() == 422 && !step.get("unread").asText().isEmpty()) {
      assertThat(answer.detail()).as(told(step)).startsWith(step.get("unread").asText());
      Api.expect(mark(step, true, "no instrument at hand", Duration.ZERO), 200);
    } else {
      assertThat(answer.status()).as(told(step) + " " + answer.detail()).isEqualTo(200);
      assertThat(step.get("unread").asText()).as(told(step) + " ticked unread").isEmpty();
    }
  }

  /** Reads what a step asks for; false where it takes an oven or a bench. */
  private boolean reads(JsonNode step) {
    switch (step.get("id").asText()) {
      case "prove.heat" ->
          note("heat", Map.of("what", "lamp", "after", "5 min", "temperature", "40 °C"));
      case "prove.hyperflash" -> {
        for (String side : List.of("LEFT", "RIGHT")) {
          note("flash", Map.of("side", side, "flashes", 15, "time", "10 s"));
        }
      }
      default -> {
        return false;
      }
    }
    return true;
  }

  private void note(String part, Map<String, Object> what) {
    acts.add(part + " " + what);
    Api.expect(
        api.put(
            "/api/jobs/" + job + "/workshop/" + Api.newId(),
            Map.of("stage", "PROVE", part, what, "waitedMs", 0)),
        200);
  }

  private void mayBeDone(JsonNode step) {
    List<String> stillOpen =
        steps("READY", "WAITS").stream().map(one -> one.get("id").asText()).toList();
    for (String before : BEFORE.getOrDefault(step.get("id").asText(), List.of())) {
      assertThat(stillOpen).as(told(step) + " offered before " + before).doesNotContain(before);
    }
  }

  private void tooEarly(JsonNode step) {
    Api.Answer answer = mark(step, false, "", Duration.ZERO);
    assertThat(answer.status()).as(told(step)).isEqualTo(422);
    assertThat(answer.detail()).as(told(step)).isNotBlank();
  }

  private void leavesOutWithoutAReason(JsonNode step) {
    Api.Answer answer = mark(step, true, "", Duration.ZERO);
    assertThat(answer.status()).as(told(step)).isEqualTo(422);
    assertThat(answer.detail()).as(told(step)).isNotBlank();
  }

  private void onTheWrongSide(JsonNode step) {
    Map<String, Object> edit = edit(step, false, "");
    if (edit.remove("side") == null) {
      edit.put("side", "LEFT");
    }
    Api.Answer answer = send(step, edit, Duration.ZERO);
    assertThat(answer.status()).as(told(step)).isEqualTo(422);
    assertThat(answer.detail()).as(told(step)).isNotBlank();
  }

  private Map<String, Object> edit(JsonNode step, boolean skipped, String reason) {
    Map<String, Object> edit = new HashMap<>();
    edit.put("step", step.get("id").asText());
    edit.put("skipped", skipped);
    edit.put("reason", reason);
    if (step.hasNonNull("side")) {
      edit.put("side", step.get("side").asText());
    }
    return edit;
  }

  private Api.Answer mark(JsonNode step, boolean skipped, String reason, Duration ago) {
    return send(step, edit(step, skipped, reason), ago);
  }

  private Api.Answer send(JsonNode step, Map<String, Object> edit, Duration ago) {
    String id = step.get("id").asText();
    Map<String, Object> entry = new HashMap<>();
    entry.put("stage", id.substring(0, id.indexOf('.')).toUpperCase(Locale.ROOT));
    entry.put("step", edit);
    entry.put("waitedMs", ago.toMillis());
    Api.Answer answer = api.put("/api/jobs/" + job + "/workshop/" + Api.newId(), entry);
    acts.add(id + " " + edit + " → " + answer.status());
    if (answer.status() == 200) {
      page = answer.body();
    }
    return answer;
  }

  private String told(JsonNode step) {
    return step.get("id").asText() + " after " + acts;
  }

  private void changePlan() {
    String id = oneOf(FeedPlanBook.all()).id();
    String beside = oneOf(FeedPlanBook.all()).id();
    Map<String, Object> plan = new HashMap<>();
    plan.put("id", id);
    plan.put("version", 1);
    plan.put("answers", Map.of());
    plan.put("changes", Map.of());
    if (random.nextBoolean()) {
      plan.put(
          "beside", List.of(Map.of("tag", "p2", "id", beside, "version", 1, "pair", "second")));
    }
    Map<String, Object> feed = new HashMap<>();
    for (String list :
        List.of(
            "wishes", "sources", "routes", "hazards", "readings", "battery", "open", "settings")) {
      feed.put(list, List.of());
    }
    feed.put("plan", plan);
    Api.Answer answer =
        api.put("/api/jobs/" + job + "/feed", Map.of("version", feedVersion, "feed", feed));
    acts.add("plan " + plan + " → " + answer.status());
    feedVersion = Api.expect(answer, 200).body().get("version").asInt();
    page = null;
  }

  /** Nothing was read at the wall: nothing there is within. */
  private void nothingUnreadIsWithin() {
    JsonNode wall = Api.expect(api.get("/api/jobs/" + job), 200).body().at("/sheet/findings");
    assertThat(wall).as("the wall asks for its readings").isNotEmpty();
    for (JsonNode finding : wall) {
      if (finding.get("rule").asText().startsWith("aim.")) {
        assertThat(finding.get("verdict").asText())
            .as(finding.get("id").asText())
            .isNotEqualTo("WITHIN");
      }
    }
    JsonNode proof = workshop().get("proof");
    assertThat(proof.get("proved").asBoolean())
        .as("no lamp was looked at: " + acts)
        .isEqualTo(proof.get("items").isEmpty());
  }

  private void closes() {
    JsonNode above =
        Api.expect(api.get("/api/jobs/" + job + "/hand-over"), 200).body().get("above");
    Set<String> named = new HashSet<>();
    above.forEach(one -> named.add(one.at("/step/id").asText()));
    assertThat(named)
        .as("each open step is named")
        .containsAll(
            steps("READY", "WAITS").stream().map(step -> step.get("id").asText()).toList());
    Api.Answer unsigned = close("");
    if (above.isEmpty()) {
      Api.expect(unsigned, 200);
    } else {
      assertThat(unsigned.status()).as(above + " " + acts).isEqualTo(422);
      assertThat(unsigned.body().get("above")).hasSameSizeAs(above);
      JsonNode closed = Api.expect(close("The owner needs it today"), 200).body().get("closed");
      assertThat(closed.get("reason").asText()).isEqualTo("The owner needs it today");
      assertThat(closed.get("by").asText()).isEqualTo("Runa");
    }
    Api.Answer late =
        api.put(
            "/api/jobs/" + job + "/workshop/" + Api.newId(),
            Map.of(
                "stage",
                "APART",
                "waitedMs",
                0,
                "step",
                Map.of("step", "apart.negative", "skipped", false, "reason", "")));
    assertThat(late.status()).as("a closed job").isEqualTo(409);
  }

  private Api.Answer close(String reason) {
    return api.put("/api/jobs/" + job + "/closed", Map.of("reason", reason));
  }
}
