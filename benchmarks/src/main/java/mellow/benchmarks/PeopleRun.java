package mellow.benchmarks;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import mellow.server.testing.Api;

/**
 * Ten people on one job at once, each adding readings and entries of the ledger, each request sent
 * twice as a bad network would: nothing may be lost, nothing kept twice.
 */
final class PeopleRun {
  private static final int PEOPLE = 10;
  private static final int EACH = 40;

  private final String base;
  private final Consumer<String> report;

  PeopleRun(String base, Consumer<String> report) {
    this.base = base;
    this.report = report;
  }

  void run() throws Exception {
    Api api = new Api(base, "Runa");
    String job = api.newJob("Quenby Loft", Map.of());
    ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
    Set<String> readings = new HashSet<>();
    Set<String> entries = new HashSet<>();
    long from = System.nanoTime();
    try {
      List<Future<Made>> working = new ArrayList<>();
      for (int person = 0; person < PEOPLE; person++) {
        String name = "Runa " + person;
        working.add(people.submit(() -> work(new Api(base, name), job)));
      }
      for (Future<Made> one : working) {
        readings.addAll(one.get().readings());
        entries.addAll(one.get().entries());
      }
    } finally {
      people.shutdownNow();
    }
    double seconds = (System.nanoTime() - from) / 1e9;
    List<String> read = ids(api, "/api/jobs/" + job, "readings");
    List<String> written = ids(api, "/api/jobs/" + job + "/workshop", "entries");
    long lost = missing(readings, read) + missing(entries, written);
    long twice = repeated(read) + repeated(written);
    report.accept("people_lost " + lost);
    report.accept("people_twice " + twice);
    if (lost + twice > 0) {
      throw new IllegalStateException("what ten people wrote down is not what is kept");
    }
    report.accept(
        String.format(
            Locale.ROOT, "people_kept %.0f 1/s", (read.size() + written.size()) / seconds));
  }

  private record Made(List<String> readings, List<String> entries) {}

  private static Made work(Api api, String job) {
    Made made = new Made(new ArrayList<>(), new ArrayList<>());
    Map<String, ?> clips =
        Map.of(
            "stage",
            "APART",
            "waitedMs",
            0,
            "out",
            Map.ofEntries(
                Map.entry("count", 2),
                Map.entry("kind", "CLIP_PULL"),
                Map.entry("name", ""),
                Map.entry("size", ""),
                Map.entry("thread", ""),
                Map.entry("where", "upper edge"),
                Map.entry("tray", ""),
                Map.entry("holds", ""),
                Map.entry("asFound", "SOUND"),
                Map.entry("hidden", false),
                Map.entry("people", 1),
                Map.entry("note", "")));
    for (int i = 0; i < EACH; i++) {
      String reading = Api.newId();
      String entry = Api.newId();
      for (int sent = 0; sent < 2; sent++) {
        Api.expect(api.read(job, reading, "CUTOFF_BELOW", "LEFT", String.valueOf(70 + i)), 200);
        Api.expect(api.put("/api/jobs/" + job + "/workshop/" + entry, clips), 200);
      }
      made.readings().add(reading);
      made.entries().add(entry);
    }
    return made;
  }

  private static List<String> ids(Api api, String path, String list) {
    return Api.expect(api.get(path), 200).body().get(list).findValuesAsText("id");
  }

  private static long repeated(List<String> there) {
    return there.size() - new HashSet<>(there).size();
  }

  private static long missing(Set<String> sent, List<String> there) {
    return sent.stream().filter(id -> !there.contains(id)).count();
  }
}
