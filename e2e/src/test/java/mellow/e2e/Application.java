package mellow.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;

/** The built application with the demo scenario, on a database and port of its own. */
final class Application {
  private static Application shared;

  private final int port = MariaDb.freePort();
  private final Process process;
  private final String database = MariaDb.shared().newDatabase();

  private Application() throws IOException {
    process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                // it ends before the second compiler has paid for itself
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                System.getProperty("app.jar"),
                "--server.port=" + port,
                "--mellow.demo=true",
                "--spring.datasource.url=" + database,
                "--spring.datasource.username=" + MariaDb.user(),
                "--spring.datasource.password=" + MariaDb.password())
            .redirectErrorStream(true)
            .redirectOutput(
                Path.of("target", "application-" + ProcessHandle.current().pid() + ".log").toFile())
            .start();
    Runtime.getRuntime().addShutdownHook(new Thread(process::destroy));
  }

  /** The application that all tests share; it ends with the JVM. */
  static synchronized Application shared() {
    if (shared == null) {
      try {
        shared = new Application();
        shared.waitUntilReady();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
    return shared;
  }

  private void waitUntilReady() throws InterruptedException {
    for (int i = 0; i < 900; i++) {
      try {
        if (api("").get("/actuator/health/readiness").status() == 200) {
          return;
        }
      } catch (UncheckedIOException notYet) {
        if (!process.isAlive()) {
          break;
        }
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new IllegalStateException("the application did not start, see target/application-*.log");
  }

  /** Where its rows are kept: a JDBC address. */
  String database() {
    return database;
  }

  String address() {
    return "http://127.0.0.1:" + port;
  }

  Api api(String person) {
    return new Api(address(), person);
  }

  /** The id of the demo job whose vehicle is called so. */
  String job(String nickname) {
    for (var row : api("").get("/api/yard?limit=100").body().get("rows")) {
      if (row.get("nickname").asText().equals(nickname)) {
        return row.get("jobId").asText();
      }
    }
    throw new IllegalArgumentException(nickname);
  }

  /** The number of a line of a job's record, counted from its newest one. */
  long lineBefore(String job, int back) {
    var lines = api("").get("/api" + job + "/record").body().get("lines");
    return lines.get(lines.size() - 1 - back).get("number").asLong();
  }

  /** The id of the demo bay of that name. */
  String bay(String name) {
    for (var row : api("").get("/api/bays").body()) {
      if (row.get("name").asText().equals(name)) {
        return row.get("id").asText();
      }
    }
    throw new IllegalArgumentException(name);
  }
}
