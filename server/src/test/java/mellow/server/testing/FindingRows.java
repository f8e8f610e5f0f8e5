package mellow.server.testing;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** What every stage of some jobs says: rule, subject, verdict, margin and its uncertainty. */
public final class FindingRows {
  private static final List<String> PAGES =
      List.of("", "/take-in", "/parts", "/place", "/feed", "/workshop", "/hand-over");

  private final Api api;

  public FindingRows(Api api) {
    this.api = api;
  }

  /** The jobs of the yard. */
  public Iterable<JsonNode> jobs() {
    return api.get("/api/yard?limit=100").body().get("rows");
  }

  /** A line for each finding of each job of the yard. */
  public SortedSet<String> all() {
    SortedSet<String> rows = new TreeSet<>();
    for (JsonNode job : jobs()) {
      rows.addAll(of(job.get("jobId").asText(), name(job)));
    }
    return rows;
  }

  /** What a job of the yard is called in the lines. */
  public static String name(JsonNode job) {
    return job.get("nickname").asText() + ", " + job.get("work").asText();
  }

  /** A line for each finding of a job, under some name. */
  public SortedSet<String> of(String jobId, String name) {
    SortedSet<String> rows = new TreeSet<>();
    for (String page : PAGES) {
      JsonNode body = Api.expect(api.get("/api/jobs/" + jobId + page), 200).body();
      collect(body, name + "\t" + page, rows);
    }
    return rows;
  }

  private static void collect(JsonNode node, String where, SortedSet<String> rows) {
    if (node.has("verdict") && node.has("headline") && node.has("id")) {
      rows.add(
          String.join(
              "\t",
              where,
              node.get("id").asText(),
              node.get("verdict").asText(),
              figure(node.path("margin")),
              figure(node.path("uncertainty"))));
    }
    node.properties().stream()
        // several hundred findings on plans that nobody took
        .filter(field -> !field.getKey().equals("plans") && !field.getKey().equals("proposals"))
        .forEach(field -> collect(field.getValue(), where, rows));
    if (node.isArray()) {
      node.forEach(child -> collect(child, where, rows));
    }
  }

  private static String figure(JsonNode figure) {
    return figure.isObject() ? "%.4f".formatted(figure.get("value").asDouble()) : "-";
  }
}
