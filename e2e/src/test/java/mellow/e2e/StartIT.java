package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import mellow.server.testing.Api;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code ./mellow start}: ended in the middle, found dead, and where others could reach it. */
class StartIT {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

  @TempDir private Path directory;

  /** What a command said, and whether it went well. */
  private record Said(int status, String words) {}

  private Process begun(String script, Path out) throws IOException {
    ProcessBuilder builder = new ProcessBuilder("bash", "-c", script).directory(ROOT.toFile());
    builder.environment().put("MELLOW_STATE", directory.resolve("state").toString());
    // what ends soon is not worth the second compiler
    builder.environment().put("JAVA_TOOL_OPTIONS", "-XX:TieredStopAtLevel=1");
    return builder.redirectErrorStream(true).redirectOutput(out.toFile()).start();
  }

  private Said run(String script) throws IOException, InterruptedException {
    Path out = Files.createTempFile(directory, "said", ".txt");
    Process process = begun(script, out);
    assertThat(process.waitFor(240, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), Files.readString(out, StandardCharsets.UTF_8));
  }

  /** The application was built before these tests: that is noted, so that it is not built again. */
  private void isBuilt() throws IOException, InterruptedException {
    Said noted =
        run(
            "ROOT=$PWD; STATE=$MELLOW_STATE; mkdir -p $STATE;"
                + " . scripts/say.sh; . scripts/build.sh; source_state >$STATE/build");
    assertThat(noted.status()).as(noted.words()).isZero();
  }

  @AfterEach
  void stop() throws Exception {
    run("./mellow stop");
  }

  @Test
  void whatWasEndedOrDiedIsHealedByTheNextStart() throws Exception {
    isBuilt();
    int port;
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    String start = "./mellow start --address 127.0.0.2 --port " + port;
    Path pid = directory.resolve("state/app.pid");
    Process first = begun(start, directory.resolve("first.txt"));
    for (int tries = 0; !Files.exists(pid) && tries < 1200; tries++) {
      TimeUnit.MILLISECONDS.sleep(50);
    }
    first.destroyForcibly();
    Said ended =
        run(
            "kill -9 $(cat $MELLOW_STATE/app.pid) $(cat $MELLOW_STATE/db/db.pid); rm"
                + " $MELLOW_STATE/app.pid");
    assertThat(ended.status()).as(ended.words()).isZero();

    Said again = run(start);
    assertThat(again.status()).as(again.words()).isZero();
    assertThat(again.words()).contains("The first start was interrupted: it is begun anew.");
    Api api = new Api("http://127.0.0.2:" + port, "");
    assertThat(api.get("/api/yard?limit=100").body().get("rows").size()).isGreaterThan(10);

    assertThat(run("kill -9 $(cat $MELLOW_STATE/db/db.pid)").status()).isZero();
    Said revived = run(start);
    assertThat(revived.status()).as(revived.words()).isZero();
    assertThat(api.get("/api/yard?limit=1").status()).isEqualTo(200);
  }

  @Test
  void anAddressThatOthersReachNeedsToBeOpenedKnowingly() throws Exception {
    Said refused = run("./mellow start --address 10.1.2.3");
    assertThat(refused.status()).isNotZero();
    assertThat(refused.words()).contains("everybody on that network can read and write everything");
    assertThat(directory.resolve("state/db")).as("nothing was begun").doesNotExist();
  }
}
