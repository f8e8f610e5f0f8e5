package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellow.server.testing.Api;
import mellow.server.testing.FindingRows;
import mellow.server.testing.MariaDb;
import mellow.server.testing.Zips;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.test.context.ContextConfiguration;

/**
 * What the version before the record stored of the demo, in its database and as files, is read as
 * it was: dumped and exported by that version, with what it said of each job at that moment.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ContextConfiguration(initializers = BeforeRecordTest.WithTheDump.class)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BeforeRecordTest {
  private static final Instant THEN = Instant.parse("2026-11-30T04:51:00Z");
  private static final String ID = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  @LocalServerPort private int port;

  /** Timers and cures stand as they stood then. */
  @TestConfiguration
  static class ThatMoment {
    @Bean
    @Primary
    Clock thatMoment() {
      return Clock.fixed(THEN, ZoneOffset.UTC);
    }
  }

  static final class WithTheDump
      implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    @Override
    public void initialize(ConfigurableApplicationContext context) {
      String url = MariaDb.shared().newDatabase();
      try (Connection connection =
              DriverManager.getConnection(
                  url + "?allowMultiQueries=true", MariaDb.user(), MariaDb.password());
          Statement statement = connection.createStatement()) {
        statement.execute(text("mellow.sql"));
      } catch (SQLException | IOException e) {
        throw new IllegalStateException(e);
      }
      TestPropertyValues.of(
              "spring.datasource.url=" + url,
              "spring.datasource.username=" + MariaDb.user(),
              "spring.datasource.password=" + MariaDb.password(),
              "mellow.photos=target/photos-before-" + ProcessHandle.current().pid())
          .applyTo(context);
    }
  }

  private static Path kept(String name) {
    return Path.of("src", "test", "resources", "mellow", "server", "before-record", name);
  }

  private static String text(String name) throws IOException {
    return Files.readString(kept(name));
  }

  /** The ZIP of a job, packed anew: unpacked its files can be read and compared. */
  private static byte[] zip(Path job) throws IOException {
    Map<String, byte[]> files = new TreeMap<>();
    try (Stream<Path> all = Files.walk(job)) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        files.put(job.relativize(file).toString(), Files.readAllBytes(file));
      }
    }
    return Zips.written(files);
  }

  private Api api() {
    return new Api("http://127.0.0.1:" + port, "Runa");
  }

  private static List<String> before() throws IOException {
    return text("findings.tsv").lines().toList();
  }

  @Test
  @Order(1)
  void itsDatabaseSaysWhatItSaidThen() throws IOException {
    assertThat(new FindingRows(api()).all()).containsExactlyElementsOf(before());
  }

  /** Nothing is lost on the way: as many lines as there were readings, entries and documents. */
  @Test
  @Order(2)
  void everythingItKeptIsALine() {
    Map<String, Integer> kinds = new TreeMap<>();
    for (JsonNode job : new FindingRows(api()).jobs()) {
      JsonNode record = api().get("/api/jobs/" + job.get("jobId").asText() + "/record").body();
      long last = 0;
      for (JsonNode line : record.get("lines")) {
        kinds.merge(line.get("kind").asText(), 1, Integer::sum);
        assertThat(line.get("number").asLong()).isGreaterThan(last);
        assertThat(line.at("/words/pattern").asText()).isNotBlank();
        last = line.get("number").asLong();
      }
      assertThat(record.get("last").asLong()).isEqualTo(last);
    }
    // as counted in the dump's tables: reading (of jobs), workshop_entry, sheet and job, and so on
    int written = kinds.values().stream().mapToInt(Integer::intValue).sum();
    assertThat(written).isEqualTo(87 + 131 + 32 + 14 + 2 + 2 + 1);
    assertThat(kinds)
        .containsEntry("read", 87)
        .containsEntry("revised", 32 + 14)
        .containsEntry("photo", 2)
        .containsEntry("closed", 2)
        .containsEntry("amended", 1);
  }

  /** Ids of what came in by a file are new; whatever names one is compared without it. */
  @Test
  @Order(3)
  void itsFilesSayWhatTheySaidThen() throws IOException {
    List<Path> jobs;
    try (Stream<Path> all = Files.list(kept("jobs"))) {
      jobs = all.sorted().toList();
    }
    assertThat(jobs).hasSize(14);
    for (Path job : jobs) {
      String id = Api.newId();
      JsonNode page =
          Api.expect(api().send("/api/jobs/" + id + "/job.zip", "application/zip", zip(job)), 200)
              .body();
      String name = page.at("/vehicle/nickname").asText() + ", " + page.at("/job/work").asText();
      assertThat(masked(List.copyOf(new FindingRows(api()).of(id, name))))
          .as(name)
          .isEqualTo(masked(before().stream().filter(row -> row.startsWith(name + "\t")).toList()));
    }
  }

  private static List<String> masked(List<String> rows) {
    return rows.stream().map(row -> row.replaceAll(ID, "#")).sorted().collect(Collectors.toList());
  }
}
