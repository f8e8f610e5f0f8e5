package mellow.benchmarks;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;

/**
 * Asks a started server with 10,000 jobs for job pages, judgements and the yard, sixteen at once,
 * and takes the quantiles. Server, database and asker share this machine. Bounded in count;
 * loopback only.
 */
final class LoadRun {
  private static final int JOBS = 10_000;
  private static final int AT_ONCE = 16;
  private static final int MANY = 3_000;

  /** For what takes longer, so that the run ends in time. */
  private static final int FEW = 600;

  private static final Random RANDOM = new Random(7);

  private final Path jar;
  private final Consumer<String> report;

  LoadRun(Path jar, Consumer<String> report) {
    this.jar = jar;
    this.report = report;
  }

  void run() throws Exception {
    try (MariaDb database = MariaDb.durable()) {
      String url = database.newDatabase();
      int port = MariaDb.freePort();
      Api api = new Api("http://127.0.0.1:" + port, "Runa");
      Process server = start(url, port, api);
      try {
        List<String> jobs = new JobGenerator().fill(url, JOBS);
        Asker asker = new Asker("http://127.0.0.1:" + port);
        String judgement = Sample.wallRequest();
        String reading =
            "{\"kind\":\"STEP_LEFT\",\"side\":\"LEFT\",\"typed\":\"5\",\"units\":\"METRIC\"}";
        measure("job_page", MANY, () -> asker.get("/api/jobs/" + any(jobs)));
        measure("judgement", MANY, () -> asker.post("/api/calc/wall", judgement));
        measure("yard", FEW, () -> asker.get("/api/yard"));
        measure("search", FEW, () -> asker.get("/api/yard?text=" + RANDOM.nextInt(JOBS)));
        measure(
            "keep_reading",
            MANY,
            () -> asker.put("/api/jobs/" + any(jobs) + "/readings/" + Api.newId(), reading));
      } finally {
        server.destroy();
        server.waitFor(20, TimeUnit.SECONDS);
      }
    }
  }

  private static String any(List<String> jobs) {
    return jobs.get(RANDOM.nextInt(jobs.size()));
  }

  private void measure(String name, int count, Callable<Integer> ask) throws Exception {
    ask(ask, count);
    List<Double> millis = ask(ask, count);
    Collections.sort(millis);
    for (int percent : new int[] {50, 95, 99}) {
      double value = millis.get(millis.size() * percent / 100);
      report.accept(String.format(Locale.ROOT, "%s_p%d %.1f ms", name, percent, value));
    }
  }

  private static List<Double> ask(Callable<Integer> ask, int count) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);
    try {
      List<Future<Double>> answers = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        answers.add(
            pool.submit(
                () -> {
                  long began = System.nanoTime();
                  int status = ask.call();
                  if (status != 200) {
                    throw new IllegalStateException("answered " + status);
                  }
                  return (System.nanoTime() - began) / 1e6;
                }));
      }
      List<Double> millis = new ArrayList<>();
      for (Future<Double> answer : answers) {
        millis.add(answer.get());
      }
      return millis;
    } finally {
      pool.shutdown();
    }
  }

  private Process start(String url, int port, Api api) throws Exception {
    Process server =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
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
