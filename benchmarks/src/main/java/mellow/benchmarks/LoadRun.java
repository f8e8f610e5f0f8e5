package mellow.benchmarks;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;

/**
 * Asks a started server with 10,000 jobs for job pages, judgements and the yard, sixteen at once,
 * and takes the quantiles. Server, database and client share this machine. Bounded in count;
 * loopback only.
 */
final class LoadRun {
  private static final int JOBS = 10_000;
  private static final int AT_ONCE = 16;
  private static final int MANY = 3_000;

  /** For what takes longer, so that the run ends in time. */
  private static final int FEW = 320;

  /** Asked of each before it is measured: a server that is open all day is warm. */
  private static final int WARM_UP = 24_000;

  private static final int SHORT_WARM_UP = 640;

  private static final Random RANDOM = new Random(7);

  private final Path jar;
  private final Path options;
  private final Parts parts;
  private final Consumer<String> report;

  LoadRun(Path jar, Path options, Parts parts, Consumer<String> report) {
    this.jar = jar;
    this.options = options;
    this.parts = parts;
    this.report = report;
  }

  void run() throws Exception {
    if (!parts.wantsAny("load", "history", "pack", "people", "record")) {
      return;
    }
    try (MariaDb database = MariaDb.durable()) {
      String url = database.newDatabase();
      int port = MariaDb.freePort();
      Api api = new Api("http://127.0.0.1:" + port, "Runa");
      Process server = start(url, port, api);
      try {
        JobGenerator generator = new JobGenerator();
        List<String> jobs = generator.fill(url, JOBS);
        if (parts.wants("load")) {
          load(new Load(port, AT_ONCE), jobs, generator.open());
        }
        if (parts.wants("history")) {
          measure(
              new Load(port, 1),
              "history",
              FEW,
              client -> client.get("/api/history?text=clip%20" + RANDOM.nextInt(JOBS)));
        }
        if (parts.wants("pack")) {
          new PackRun(api, report).run();
        }
        if (parts.wants("people")) {
          new PeopleRun("http://127.0.0.1:" + port, report).run();
        }
        if (parts.wants("record")) {
          new RecordRun("http://127.0.0.1:" + port, port, report).run();
        }
      } finally {
        server.destroy();
        server.waitFor(20, TimeUnit.SECONDS);
      }
    }
  }

  private void load(Load load, List<String> jobs, List<String> open) throws Exception {
    String judgement = Sample.wallRequest();
    String reading =
        "{\"kind\":\"STEP_LEFT\",\"side\":\"LEFT\",\"typed\":\"5\",\"units\":\"METRIC\"}";
    measure(load, "job_page", MANY, client -> client.get("/api/jobs/" + any(jobs)));
    measure(load, "judgement", MANY, client -> client.post("/api/calc/wall", judgement));
    measure(load, "yard", FEW, client -> client.get("/api/yard"));
    measure(load, "search", FEW, client -> client.get("/api/yard?text=" + RANDOM.nextInt(JOBS)));
    measure(
        load,
        "keep_reading",
        MANY,
        client -> client.put("/api/jobs/" + any(open) + "/readings/" + Api.newId(), reading));
  }

  private static String any(List<String> jobs) {
    return jobs.get(RANDOM.nextInt(jobs.size()));
  }

  private void measure(Load load, String name, int count, Load.Question question) throws Exception {
    load.run(question, count == MANY ? WARM_UP : SHORT_WARM_UP);
    double[] millis = load.run(question, count);
    for (int percent : new int[] {50, 95, 99}) {
      double value = millis[millis.length * percent / 100];
      report.accept(String.format(Locale.ROOT, "%s_p%d %.1f ms", name, percent, value));
    }
  }

  private Process start(String url, int port, Api api) throws Exception {
    Process server =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "@" + options,
                "-jar",
                jar.toString(),
                "--server.port=" + port,
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + MariaDb.user(),
                "--spring.datasource.password=" + MariaDb.password())
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    Runtime.getRuntime().addShutdownHook(new Thread(server::destroy));
    for (int i = 0; i < 900; i++) {
      try {
        if (api.get("/actuator/health/readiness").status() == 200) {
          return server;
        }
      } catch (java.io.UncheckedIOException notYet) {
        if (!server.isAlive()) {
          break;
        }
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new IllegalStateException("the server did not start");
  }
}
