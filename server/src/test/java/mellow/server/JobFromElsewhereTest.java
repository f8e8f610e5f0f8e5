package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import mellow.server.testing.Zips;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * A job that stands on what is its workshop's own is judged alike where that is not, or differs.
 */
@ServerTest
class JobFromElsewhereTest {
  private static final ObjectMapper JSON = new ObjectMapper();

  private static final AtomicInteger TESTS = new AtomicInteger();

  private final String set = "valley" + TESTS.incrementAndGet();

  @LocalServerPort private int port;

  private Api api;
  private Map<String, byte[]> zip;

  /** At 7620 mm, 160 below is 2.10 % down: out by the workshop's 2.0, within by UN R48's 2.5. */
  @BeforeEach
  void aJobOnOwnRulesAndAnOwnPlan() throws Exception {
    api = new Api("http://127.0.0.1:" + port, "Åsa");
    Api.expect(keepSet(0, "-2"), 200);
    String plan = api.get("/api/feed-plans/drl-tap/file").raw().body();
    Api.expect(
        api.put(
            "/api/feed-plans/valley-drl",
            Map.of("version", 0, "title", "Valley running lamps", "file", plan)),
        200);
    String job = api.newJob("Quenby Loft", Map.of("ruleSet", set));
    for (String kind :
        List.of("DISTANCE 7620", "CENTRE 690", "LOWER_EDGE 600", "CUTOFF_BELOW 160")) {
      String[] words = kind.split(" ");
      Api.expect(api.read(job, Api.newId(), words[0], "LEFT", words[1]), 200);
    }
    Map<String, Object> feed = new java.util.HashMap<>();
    for (String list : "wishes sources routes hazards readings battery open settings".split(" ")) {
      feed.put(list, List.of());
    }
    feed.put(
        "plan",
        Map.of(
            "id",
            "valley-drl",
            "version",
            1,
            "answers",
            Map.of(),
            "changes",
            Map.of(),
            "beside",
            List.of(Map.of("tag", "p2", "id", "valley-drl", "version", 1, "pair", "upper"))));
    Api.expect(api.put("/api/jobs/" + job + "/feed", Map.of("version", 0, "feed", feed)), 200);
    Api.expect(
        api.put("/api/jobs/" + job + "/find", Map.of("version", 0, "find", searched())), 200);
    zip = Zips.read(api.file("/api/jobs/" + job + "/job.zip"));
  }

  /** The workshop's own plan is the circuit that is searched for a fault as well. */
  private static Map<String, Object> searched() {
    return Map.of(
        "plan",
        Map.of("id", "valley-drl", "version", 1, "answers", Map.of(), "changes", Map.of()),
        "complaint",
        "dark since the frost",
        "touched",
        List.of(),
        "open",
        List.of(),
        "tools",
        List.of(),
        "twoPeople",
        true);
  }

  private Api.Answer keepSet(int version, String lowest) {
    String file =
        """
        {"id":"%s","version":1,"title":"Valley","over":"un-r48","reason":"agreed",
         "aim":[{"id":"un-r48.dipped.below-800","lamps":["un-dipped"],
                 "height":{"of":"lower-edge","belowMm":800},"unit":"percent",
                 "limits":{"lowest":%s,"highest":-0.5},"aim":-1.25,"clause":"agreement"}]}
        """
            .formatted(set, lowest);
    return api.put("/api/rule-sets/" + set, Map.of("version", version, "file", file));
  }

  private JsonNode takenIn() throws Exception {
    String copy = Api.newId();
    Api.expect(
        api.send("/api/jobs/" + copy + "/job.zip", "application/zip", Zips.written(zip)), 200);
    return Api.expect(api.get("/api/jobs/" + copy), 200).body();
  }

  private static double lowest(JsonNode page) {
    return page.at("/sheet/pairs/0/left/limits/lowest/value").asDouble();
  }

  private String plan(JsonNode page) {
    JsonNode feed = api.get("/api/jobs/" + page.at("/job/id").asText() + "/feed").body();
    return feed.at("/feed/plan/id").asText();
  }

  private List<String> sets() {
    return api.get("/api/rule-sets").body().findValuesAsText("id").stream()
        .filter(id -> id.startsWith(set))
        .toList();
  }

  private void change(String pointer, String field, Object value) throws Exception {
    JsonNode job = JSON.readTree(zip.get("job.json"));
    ((ObjectNode) job.at(pointer)).putPOJO(field, value);
    zip.put("job.json", JSON.writeValueAsBytes(job));
  }

  @Test
  void isJudgedByTheVersionItCameWith() throws Exception {
    Api.expect(keepSet(1, "-2.4"), 200);
    JsonNode page = takenIn();
    assertThat(page.at("/job/ruleSet").asText()).isEqualTo(set);
    assertThat(lowest(page)).isEqualTo(-2);
    assertThat(page.at("/newerRules/0/latest").asInt()).isEqualTo(2);
    assertThat(sets()).containsExactly(set);
    assertThat(plan(page)).as("the same plan is here already").isEqualTo("valley-drl");
  }

  @Test
  void bringsWhatIsNotHere() throws Exception {
    change("/own/ruleSets/0", "id", set + "-north");
    change("/job", "ruleSet", set + "-north");
    change("/own/feedPlan", "id", "north-drl");
    change("/feed/plan", "id", "north-drl");
    change("/own/findPlan", "id", "north-find");
    change("/find/plan", "id", "north-find");
    JsonNode page = takenIn();
    assertThat(lowest(page)).isEqualTo(-2);
    JsonNode find = api.get("/api/jobs/" + page.at("/job/id").asText() + "/find").body();
    assertThat(find.at("/find/plan/id").asText()).isEqualTo("north-find");
    assertThat(find.at("/find/complaint").asText()).isEqualTo("dark since the frost");
    assertThat(sets()).contains(set + "-north");
    assertThat(api.get("/api/feed-plans").body().findValuesAsText("id")).contains("north-drl");
  }

  @Test
  void findsAnotherNameWhereItsOwnIsTaken() throws Exception {
    change("/own/ruleSets/0/aim/0/limits", "lowest", -1.9);
    change("/own/feedPlan", "title", "Running lamps of another valley");
    change("/own/feedPlansBeside/p2", "title", "Upper lamps of another valley");
    JsonNode page = takenIn();
    JsonNode feed = api.get("/api/jobs/" + page.at("/job/id").asText() + "/feed").body();
    assertThat(feed.at("/feed/plan/beside/0/id").asText())
        .startsWith("valley-drl-")
        .isNotEqualTo(plan(page));
    assertThat(feed.at("/feed/plan/beside/0/pair").asText()).isEqualTo("upper");
    String name = page.at("/job/ruleSet").asText();
    assertThat(name).startsWith(set + "-").hasSize(set.length() + 7);
    assertThat(lowest(page)).isEqualTo(-1.9);
    assertThat(plan(page)).startsWith("valley-drl-");
    assertThat(takenIn().at("/job/ruleSet").asText())
        .as("brought twice, kept once")
        .isEqualTo(name);
    assertThat(api.get("/api/rule-sets/" + set + "/file").raw().body()).contains("\"lowest\" : -2");
  }

  @Test
  void refusesWhatIsNoRuleSetAndKeepsNothing() throws Exception {
    change("/own/ruleSets/0", "over", "nothing-known");
    change("/own/ruleSets/0", "id", set + "-broken");
    Api.Answer refused =
        api.send("/api/jobs/" + Api.newId() + "/job.zip", "application/zip", Zips.written(zip));
    assertThat(refused.status()).isEqualTo(422);
    refused(refused, "rules.noSet", "nothing-known");
    assertThat(sets()).doesNotContain(set + "-broken");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "ruleSets | [{}] | own rule sets",
        "ruleSets | [{\"id\":7}] | own rule sets",
        "ruleSets | [{\"id\":\"self\",\"version\":1,\"title\":\"x\",\"over\":\"self\",\"reason\":\"x\",\"off\":[]}] | self",
        "ruleSets | [null] | ruleSets",
        "ruleSets | null | ruleSets",
        "ruleSets | 7 | job.json",
        "feedPlan | {} | own plan",
        "feedPlan | {\"id\":\"valley-drl\",\"title\":[]} | own plan",
        "feedPlan | [1] | job.json",
        "findPlan | {} | own plan",
        "feedPlansBeside | {\"p2\":{}} | own plan",
        "feedPlansBeside | {\"p2\":null} | feedPlansBeside",
        "feedPlansBeside | [1] | job.json",
      })
  void refusesWhatIsNotWhatItSays(String field, String content, String why) throws Exception {
    change("/own", field, JSON.readTree(content));
    String copy = Api.newId();
    Api.Answer refused =
        api.send("/api/jobs/" + copy + "/job.zip", "application/zip", Zips.written(zip));
    assertThat(refused.status()).as(refused.body().toString()).isEqualTo(422);
    assertThat(refused.detail()).contains(why).doesNotContain("Exception");
    assertThat(api.get("/api/jobs/" + copy).status()).isEqualTo(404);
    assertThat(api.get("/api/rule-sets").status()).as("the rulebook is still there").isEqualTo(200);
  }
}
