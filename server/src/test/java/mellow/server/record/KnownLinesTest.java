package mellow.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellow.core.logbook.ReadingKind;
import mellow.core.measure.UnitSystem;
import mellow.server.MellowHorizon;
import mellow.server.logbook.Logbooks;
import mellow.server.logbook.ReadingEdit;
import mellow.server.logbook.ReadingView;
import mellow.server.platform.Acting;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

/** What was read before and what came since are together what is stored. */
@ServerTest
class KnownLinesTest {
  private static final Acting RUNA = new Acting(Acting.ONLY_SHOP, "Runa", Instant.now());

  @LocalServerPort private int port;

  @Value("${spring.datasource.url}")
  private String database;

  @Autowired private Logbooks logbooks;
  @Autowired private TransactionTemplate transactions;

  private List<String> typed(String job) {
    return logbooks.ofJob(job).stream().map(ReadingView::typed).toList();
  }

  private void keep(String job, String typed) {
    logbooks.keep(
        RUNA,
        new Owner.OfJob(job),
        Api.newId(),
        new ReadingEdit(
            ReadingKind.SPACING, null, null, null, typed, UnitSystem.METRIC, null, null));
  }

  @Test
  void whatIsNotCommittedIsNotKnownAfterwards() {
    String job = new Api("http://127.0.0.1:" + port, "Runa").newJob("Quenby Loft", Map.of());
    keep(job, "1200");
    assertThat(typed(job)).containsExactly("1200");
    transactions.executeWithoutResult(
        status -> {
          keep(job, "1201");
          assertThat(typed(job)).containsExactly("1200", "1201");
          status.setRollbackOnly();
        });
    assertThat(typed(job)).containsExactly("1200");
    keep(job, "1202");
    assertThat(typed(job)).containsExactly("1200", "1202");
  }

  @Test
  void whatAnotherInstanceKeptIsSeenByOneThatReadBefore() {
    try (ConfigurableApplicationContext other =
        SpringApplication.run(
            MellowHorizon.class,
            "--server.port=0",
            "--spring.datasource.url=" + database,
            "--spring.datasource.username=" + MariaDb.user(),
            "--spring.datasource.password=" + MariaDb.password())) {
      Api here = new Api("http://127.0.0.1:" + port, "Runa");
      Api there =
          new Api(
              "http://127.0.0.1:" + other.getEnvironment().getRequiredProperty("local.server.port"),
              "Ilse");
      String job = here.newJob("Quenby Loft", Map.of());
      String first = Api.newId();
      Api.expect(here.read(job, first, "SPACING", null, "1200"), 200);
      assertThat(there.get("/api/jobs/" + job).body().get("readings")).hasSize(1);
      String undone = "/api/jobs/" + job + "/undone/" + Api.newId();
      Api.expect(there.put(undone, Map.of("strikes", first)), 200);
      Api.expect(there.read(job, Api.newId(), "SPACING", null, "1300"), 200);
      assertThat(here.get("/api/jobs/" + job).body().get("readings"))
          .isEqualTo(there.get("/api/jobs/" + job).body().get("readings"))
          .hasSize(2);
      assertThat(typed(job)).containsExactly("1200", "1300");
    }
  }
}
