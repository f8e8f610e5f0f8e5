package mellow.server;

import static mellow.server.db.Tables.FACT;
import static mellow.server.db.Tables.SHEET;
import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import mellow.core.formats.FactFormat;
import mellow.core.record.Fact;
import mellow.core.record.FactKind;
import mellow.core.record.JobDocument;
import mellow.server.db.tables.records.SheetRecord;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

/** The demo has a job in each state that a view has to show. */
@ServerTest
@TestPropertySource(properties = "mellow.demo=true")
class DemoScenarioTest {
  @LocalServerPort private int port;

  private Api api() {
    return new Api("http://127.0.0.1:" + port, "Runa");
  }

  @Test
  void jobsStandInEveryState() {
    Map<String, String> standing = new HashMap<>();
    JsonNode rows = api().get("/api/yard?limit=100").body().get("rows");
    for (JsonNode row : rows) {
      JsonNode of = row.get("standing");
      standing.put(
          row.get("nickname").asText(),
          String.join(
              " ",
              of.get("stage").asText(),
              of.get("verdict").asText(),
              of.at("/headline/pattern").asText()));
    }
    assertThat(standing)
        .containsEntry(
            "library van 1",
            "CAME NOT_KNOWN Lamps not measured before removal: height left, height right, and spacing")
        .containsEntry(
            "road crew 5", "PROVE OUT Left inner pod: flickers, lights off, auxiliary switch on")
        .containsEntry("road crew 2", "HAND_OVER WITHIN Handed over; the record is closed")
        .containsEntry("midwife's estate", "WALL NOT_KNOWN Right lamp turned since it was read")
        .containsEntry("valley bus 4", "FIND NOT_KNOWN The fault has not been found yet.")
        .containsEntry(
            "valley bus 7",
            "APART NOT_KNOWN Next step: Wheel turned or off, liner bent back and blocked, left")
        .containsEntry("snow patrol 2", "BENCH OUT Right cutoff tilted {0}, right end low")
        .containsEntry("nurse's estate", "TOGETHER NOT_KNOWN 5 things are still out");
    assertThat(standing.get("library van 3")).startsWith("WALL OUT Right lamp");
    assertThat(standing.get("Ilse's roadster")).startsWith("WALL OUT Too close to the wall");
    assertThat(standing.get("club roadster")).startsWith("PLACE OUT");
  }

  /** What the demo's complaints tell of: the ids of its jobs decide what is wrong with them. */
  @Test
  void simulatedVehiclesHaveWhatTheirComplaintsTellOf() {
    assertThat(truth("valley bus 4")).containsExactly("fog relay");
    // both come and go, at the left pods
    assertThat(truth("road crew 5")).containsExactly("left middle pod", "left pods relay");
  }

  /** From the first check that was written down to the last. */
  @Test
  void minutesOfASearchAreAmongThoseOfTheWork() {
    String job = job("valley bus 4");
    List<Instant> checked =
        StreamSupport.stream(
                api().get("/api/jobs/" + job + "/find").body().at("/hunt/lines").spliterator(),
                false)
            .map(line -> Instant.parse(line.get("at").asText()))
            .sorted()
            .toList();
    double minutes = Duration.between(checked.get(0), checked.get(checked.size() - 1)).toMinutes();
    assertThat(minutes).isGreaterThan(1);
    assertThat(api().get("/api/jobs/" + job + "/hand-over").body().get("minutes"))
        .anySatisfy(
            of -> {
              assertThat(of.get("stage").asText()).isEqualTo("FIND");
              assertThat(of.at("/taken/value").asDouble()).isCloseTo(minutes, within(1.0));
            });
  }

  private String job(String nickname) {
    return api()
        .get("/api/yard?limit=100&text=" + nickname.replace(' ', '+'))
        .body()
        .at("/rows/0/jobId")
        .asText();
  }

  private List<String> truth(String nickname) {
    String job = job(nickname);
    JsonNode parts = api().get("/api/jobs/" + job + "/find/simulated/truth").body().get("parts");
    return StreamSupport.stream(parts.spliterator(), false).map(JsonNode::asText).toList();
  }

  /** Running lamps are not aimed: nothing of such a job asks for a wall. */
  @Test
  void aJobStandsAlongTheStagesOfItsOwnPlan() {
    for (JsonNode row : api().get("/api/yard?limit=100&text=roadster").body().get("rows")) {
      JsonNode alone = api().get("/api/jobs/" + row.get("jobId").asText() + "/standing").body();
      assertThat(alone).isEqualTo(row.get("standing"));
      boolean running = row.get("nickname").asText().equals("club roadster");
      assertThat(alone.get("stages").toString().contains("WALL")).isNotEqualTo(running);
      assertThat(alone.get("stages")).hasSameSizeAs(alone.at("/horizon/parts"));
    }
    Api.Answer none = api().get("/api/jobs/" + Api.newId() + "/standing");
    assertThat(none.status()).isEqualTo(404);
    refused(none, "server/job.noJob");
  }

  @Test
  void baysAreTwistedShortAndSloped() {
    Map<String, JsonNode> floors = new HashMap<>();
    for (JsonNode bay : api().get("/api/bays").body()) {
      floors.put(
          bay.get("name").asText(),
          api().get("/api/bays/" + bay.get("id").asText()).body().get("floor"));
    }
    assertThat(floors).hasSize(3);
    assertThat(finding(floors.get("Hall"), "floor.twist@bay")).isEqualTo("OUT");
    assertThat(finding(floors.get("Annex"), "floor.twist@bay")).isEqualTo("WITHIN");
    assertThat(floors.get("Yard wall").at("/plane/riseForward/value").asDouble()).isLessThan(-1);
  }

  private static String finding(JsonNode floor, String id) {
    for (JsonNode finding : floor.get("findings")) {
      if (finding.get("id").asText().equals(id)) {
        return finding.get("verdict").asText();
      }
    }
    throw new AssertionError(id);
  }

  @Test
  void everybodyWhoReadSomethingCanBePicked() {
    assertThat(api().get("/api/shop").body().get("people").findValuesAsText("name"))
        .containsExactly("Ilse", "Marten", "Runa");
  }

  /** Of every page of every job: as many figures as places for them, and every one a number. */
  @Test
  void everySentenceIsWhole() {
    Set<String> broken = new TreeSet<>();
    int sentences = 0;
    for (JsonNode row : api().get("/api/yard?limit=100").body().get("rows")) {
      String job = "/api/jobs/" + row.get("jobId").asText();
      for (String page :
          List.of("", "/take-in", "/parts", "/place", "/feed", "/workshop", "/hand-over")) {
        for (JsonNode sentence :
            Api.expect(api().get(job + page), 200).body().findParents("figures")) {
          sentences++;
          String pattern = sentence.get("pattern").asText();
          long places =
              Pattern.compile("\\{\\d+}")
                  .matcher(pattern)
                  .results()
                  .map(MatchResult::group)
                  .distinct()
                  .count();
          boolean whole =
              places == sentence.get("figures").size()
                  && !pattern.matches(".*(null|NaN|Optional|  |\\{}|%s| ,|\\.\\.).*");
          if (!whole || sentence.get("figures").toString().matches(".*(NaN|Infinity|null).*")) {
            broken.add(row.get("nickname").asText() + page + ": " + sentence);
          }
        }
      }
    }
    assertThat(broken).isEmpty();
    assertThat(sentences).isGreaterThan(1000);
  }

  @Test
  void whatHoldsOfADocumentIsWhatTheRecordSaysLast(@Autowired DSLContext sql) {
    Map<String, SheetRecord> held =
        sql.selectFrom(SHEET)
            .fetchMap(row -> row.getJobId() + " " + JobDocument.valueOf(row.getStage()));
    Map<String, Fact.Revised> last = new HashMap<>();
    sql.selectFrom(FACT)
        .where(FACT.KIND.eq(FactKind.REVISED.code()))
        .orderBy(FACT.SEQ)
        .forEach(
            row -> {
              Fact.Revised revised =
                  (Fact.Revised)
                      FactFormat.read(
                          row.getId(),
                          new FactFormat.Stored(row.getKind(), row.getShape(), row.getContent()));
              last.put(row.getJobId() + " " + revised.document(), revised);
            });
    // how a job is set up holds in the job's own row
    last.keySet().removeIf(key -> key.endsWith(JobDocument.SETTINGS.name()));
    assertThat(held).hasSizeGreaterThan(10).containsOnlyKeys(last.keySet());
    held.forEach(
        (key, row) ->
            assertThat(
                    new Fact.Revised(
                        last.get(key).document(),
                        row.getVersion(),
                        row.getShape(),
                        row.getContent()))
                .as(key)
                .isEqualTo(last.get(key)));
  }
}
