package mellow.benchmarks;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;

/** Asks and throws the answer away, so that the asker costs the shared machine little. */
final class Asker {
  private final HttpClient http =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final String base;

  Asker(String base) {
    this.base = base;
  }

  int get(String path) throws Exception {
    return send(request(path).GET());
  }

  int post(String path, String body) throws Exception {
    return send(request(path).POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  int put(String path, String body) throws Exception {
    return send(request(path).PUT(HttpRequest.BodyPublishers.ofString(body)));
  }

  private HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(URI.create(base + path))
        .timeout(Duration.ofSeconds(20))
        .header("Content-Type", "application/json")
        .header("X-Acting-As", "Runa");
  }

  private int send(HttpRequest.Builder request) throws Exception {
    return http.send(request.build(), HttpResponse.BodyHandlers.discarding()).statusCode();
  }
}
