package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * The same request by eight clients at once, as after a network that came back: nobody is refused.
 */
@ServerTest
class SameIdTest {
  private static final int CLIENTS = 8;
  private static final int ROUNDS = 3;

  @LocalServerPort private int port;

  private final ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
  }

  @AfterEach
  void end() {
    clients.shutdownNow();
  }

  /** What all of them are answered. */
  private List<Integer> together(String path, Object body) throws Exception {
    CountDownLatch all = new CountDownLatch(CLIENTS);
    List<Future<Integer>> asked = new ArrayList<>();
    for (int i = 0; i < CLIENTS; i++) {
      asked.add(
          clients.submit(
              () -> {
                all.countDown();
                all.await();
                return api.put(path, body).status();
              }));
    }
    List<Integer> statuses = new ArrayList<>();
    for (Future<Integer> one : asked) {
      statuses.add(one.get());
    }
    return statuses;
  }

  private void nobodyIsRefused(Supplier<String> path, Object body) throws Exception {
    for (int round = 0; round < ROUNDS; round++) {
      String one = path.get();
      assertThat(together(one, body)).as(one).containsOnly(200);
    }
  }

  @Test
  void rowsThatAreNewAreAddedOnce() throws Exception {
    Map<String, Object> vehicle =
        Map.of(
            "version",
            0,
            "name",
            "Sollen Test",
            "nickname",
            "",
            "driverSide",
            "LEFT",
            "dipped",
            "UN_DIPPED",
            "steeperByMaker",
            false);
    nobodyIsRefused(() -> "/api/vehicles/" + Api.newId(), vehicle);
    String kept = Api.newId();
    Api.expect(api.put("/api/vehicles/" + kept, vehicle), 200);
    nobodyIsRefused(() -> "/api/jobs/" + Api.newId(), Api.jobEdit(kept));
    nobodyIsRefused(
        () -> "/api/bays/" + Api.newId(),
        Map.of(
            "version",
            0,
            "name",
            "Test bay " + Api.newId().substring(0, 8),
            "note",
            "",
            "units",
            "METRIC"));
    nobodyIsRefused(() -> "/api/people/" + Api.newId(), Map.of("name", "Runa " + Api.newId()));
  }

  @Test
  void whatIsAddedToAJobIsAddedOnce() throws Exception {
    String job = api.newJob("Sollen Test", Map.of());
    nobodyIsRefused(
        () -> "/api/jobs/" + job + "/readings/" + Api.newId(),
        Map.of("kind", "CENTRE", "side", "LEFT", "typed", "690", "units", "METRIC"));
    nobodyIsRefused(
        () -> "/api/jobs/" + job + "/workshop/" + Api.newId(),
        Map.of("stage", "APART", "waitedMs", 0, "called", Map.of("typed", "4 clip upper edge")));
  }

  /** A page that waited for the network sends again what was stored before the job was closed. */
  @Test
  void whatWasStoredBeforeClosingIsAnsweredAsItWas() {
    String job = api.newJob("Sollen Test", Map.of());
    String reading = Api.newId();
    String entry = "/api/jobs/" + job + "/workshop/" + Api.newId();
    Map<String, Object> note =
        Map.of("stage", "APART", "waitedMs", 0, "called", Map.of("typed", "4 clip upper edge"));
    Api.expect(api.read(job, reading, "CENTRE", "LEFT", "690"), 200);
    Api.expect(api.put(entry, note), 200);
    Api.expect(api.put("/api/jobs/" + job + "/closed", Map.of("reason", "shown as it is")), 200);
    Api.expect(api.read(job, reading, "CENTRE", "LEFT", "690"), 200);
    Api.expect(api.put(entry, note), 200);
    assertThat(api.read(job, Api.newId(), "CENTRE", "LEFT", "690").status()).isEqualTo(409);
    assertThat(
            api.put(
                    entry,
                    Map.of("stage", "APART", "waitedMs", 0, "called", Map.of("typed", "2 bolt")))
                .status())
        .isEqualTo(409);
  }
}
