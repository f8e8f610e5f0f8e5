package mellow.server;

import static mellow.server.testing.Api.refused;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;
import org.junit.jupiter.api.Test;

/**
 * Ends the server, and the database, as a power cut would, in the middle of a series of readings:
 * every acknowledged one is there afterwards. The database flushes as the installed one does.
 */
class DurabilityTest {
  private final List<String> acknowledged = new ArrayList<>();

  @Test
  void noAcknowledgedReadingIsLost() throws Exception {
    try (MariaDb database = MariaDb.durable()) {
      String url = database.newDatabase();
      int port = MariaDb.freePort();
      Api api = new Api("http://127.0.0.1:" + port, "Åsa");
      Process server = start(url, port, api);
      try {
        String job = api.newJob("Quenby Test", Map.of());

        String timer = startTimer(api, job);
        readUntilCut(api, job, 15, server::destroyForcibly);
        server.waitFor();
        server = start(url, port, api);
        assertThat(endOfTimer(api, job)).as("to the millisecond").isEqualTo(timer);
        assertThat(keptIn(api, job)).containsAll(acknowledged);

        readUntilCut(api, job, 15, database::kill);
        Api.Answer meanwhile = api.read(job, Api.newId(), "STEP_LEFT", "LEFT", "1");
        assertThat(meanwhile.status()).isEqualTo(503);
        refused(meanwhile, "server/platform.databaseAway");
        database.start();
        assertThat(keptIn(api, job)).containsAll(acknowledged);
        assertThat(endOfTimer(api, job)).isEqualTo(timer);
        assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(30);
      } finally {
        server.destroyForcibly().waitFor();
      }
    }
  }

  /** Starts a timer of a day; the moment at which it ends. */
  private static String startTimer(Api api, String job) {
    Map<String, ?> cure = Map.of("name", "full epoxy", "kind", "CURE", "time", "24 h");
    Api.expect(
        api.put(
            "/api/jobs/" + job + "/workshop/" + Api.newId(),
            Map.of("stage", "BENCH", "waitedMs", 0, "timer", cure)),
        200);
    return endOfTimer(api, job);
  }

  private static String endOfTimer(Api api, String job) {
    return Api.expect(api.get("/api/jobs/" + job + "/workshop"), 200)
        .body()
        .at("/timers/0/end")
        .asText();
  }

  /** Something that ends a process at once. */
  private interface Cut {
    void now() throws InterruptedException;
  }

  /** Sends readings without pause, and cuts once so many were acknowledged. */
  private void readUntilCut(Api api, String job, int before, Cut cut) throws Exception {
    int target = acknowledged.size() + before;
    Thread cutter =
        new Thread(
            () -> {
              try {
                while (acknowledgedCount() < target) {
                  TimeUnit.MILLISECONDS.sleep(2);
                }
                cut.now();
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
            });
    cutter.start();
    for (int i = 0; i < 5_000; i++) {
      String id = Api.newId();
      try {
        if (api.read(job, id, "STEP_LEFT", "LEFT", "5").status() != 200) {
          break;
        }
      } catch (java.io.UncheckedIOException cutOff) {
        break;
      }
      synchronized (acknowledged) {
        acknowledged.add(id);
      }
    }
    cutter.join();
  }

  private int acknowledgedCount() {
    synchronized (acknowledged) {
      return acknowledged.size();
    }
  }

  private static List<String> keptIn(Api api, String job) throws InterruptedException {
    for (int i = 0; i < 100; i++) {
      Api.Answer page = api.get("/api/jobs/" + job);
      if (page.status() == 200) {
        return page.body().get("readings").findValuesAsText("id");
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new AssertionError("the job's page did not come back");
  }

  private static Process start(String url, int port, Api api) throws Exception {
    Process server =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                // it ends before the second compiler has paid for itself
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                MellowHorizon.class.getName(),
                "--server.port=" + port,
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + MariaDb.user(),
                "--spring.datasource.password=" + MariaDb.password())
            .redirectErrorStream(true)
            .redirectOutput(Path.of("target", "durability.log").toFile())
            .start();
    for (int i = 0; i < 600; i++) {
      try {
        if (api.get("/actuator/health/readiness").status() == 200) {
          return server;
        }
      } catch (java.io.UncheckedIOException notYet) {
        assertThat(server.isAlive()).as("see target/durability.log").isTrue();
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new AssertionError("the server did not start, see target/durability.log");
  }
}
