package mellow.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import mellow.server.testing.Api;
import mellow.server.testing.LongJob;

/**
 * How soon an entry is seen on ten open pages that follow the job, and what a long job costs to
 * open beside a short one.
 */
final class RecordRun {
  private static final int PAGES = 10;
  private static final int ENTRIES = 60;
  private static final int SHORT = 50;
  private static final int LONG = 2_000;
  private static final int WARM_UP = 30;
  private static final int OPENED = 101;
  private static final int PATIENCE_S = 30;

  private final String base;
  private final int port;
  private final Consumer<String> report;

  RecordRun(String base, int port, Consumer<String> report) {
    this.base = base;
    this.port = port;
    this.report = report;
  }

  void run() throws Exception {
    seen();
    opened();
  }

  /** From when the entry was sent until the last of its readers has the page that shows it. */
  private void seen() throws Exception {
    Api api = new Api(base, "Runa");
    String job = api.newJob("Quenby Loft", Map.of());
    BlockingQueue<Long> shown = new LinkedBlockingQueue<>();
    CountDownLatch listening = new CountDownLatch(PAGES);
    ExecutorService pages = Executors.newFixedThreadPool(PAGES);
    List<Double> millis = new ArrayList<>();
    try {
      for (int i = 0; i < PAGES; i++) {
        pages.submit(() -> follow(job, listening, shown));
      }
      listening.await(PATIENCE_S, TimeUnit.SECONDS);
      for (int i = 0; i < ENTRIES; i++) {
        long from = System.nanoTime();
        Api.expect(api.read(job, Api.newId(), "CUTOFF_BELOW", "LEFT", String.valueOf(70 + i)), 200);
        for (int page = 0; page < PAGES; page++) {
          Long at = shown.poll(PATIENCE_S, TimeUnit.SECONDS);
          if (at == null) {
            throw new IllegalStateException("an entry was not seen");
          }
          millis.add((at - from) / 1e6);
        }
      }
    } finally {
      pages.shutdownNow();
    }
    double[] sorted = millis.stream().mapToDouble(one -> one).sorted().toArray();
    report("entry_seen_p50", sorted[sorted.length / 2]);
    report("entry_seen_p95", sorted[sorted.length * 95 / 100]);
  }

  private Void follow(String job, CountDownLatch listening, BlockingQueue<Long> shown)
      throws IOException, InterruptedException {
    HttpRequest events = HttpRequest.newBuilder(URI.create(base + "/api/events")).build();
    try (Client page = new Client(port);
        BufferedReader lines =
            new BufferedReader(
                new InputStreamReader(
                    HttpClient.newHttpClient()
                        .send(events, HttpResponse.BodyHandlers.ofInputStream())
                        .body(),
                    StandardCharsets.UTF_8))) {
      listening.countDown();
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (line.startsWith("data:") && line.contains(job)) {
          page.get("/api/jobs/" + job);
          shown.add(System.nanoTime());
        }
      }
    }
    return null;
  }

  private void opened() throws Exception {
    Api api = new Api(base, "Runa");
    String shortJob = LongJob.of(api, SHORT);
    String longJob = LongJob.of(api, LONG);
    for (String page : List.of("", "/workshop", "/standing")) {
      String name = page.isEmpty() ? "wall" : page.substring(1);
      double few = median(shortJob + page);
      double many = median(longJob + page);
      report(name + "_of_" + SHORT, few);
      report(name + "_of_" + LONG, many);
      report.accept(String.format(Locale.ROOT, "%s_long_ratio %.2f", name, many / few));
    }
  }

  private double median(String path) throws IOException {
    try (Client client = new Client(port)) {
      IntStream.range(0, WARM_UP).forEach(i -> get(client, path));
      double[] millis = new double[OPENED];
      for (int i = 0; i < OPENED; i++) {
        long from = System.nanoTime();
        get(client, path);
        millis[i] = (System.nanoTime() - from) / 1e6;
      }
      Arrays.sort(millis);
      return millis[OPENED / 2];
    }
  }

  private static void get(Client client, String path) {
    try {
      int status = client.get("/api/jobs/" + path);
      if (status != 200) {
        throw new IllegalStateException("a page is answered with " + status);
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private void report(String name, double millis) {
    report.accept(String.format(Locale.ROOT, "%s %.1f ms", name, millis));
  }
}
