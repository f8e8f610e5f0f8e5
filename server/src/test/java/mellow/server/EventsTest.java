package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Flow;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import mellow.server.testing.Api;
import mellow.server.testing.MariaDb;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ConfigurableApplicationContext;

/** Whoever follows is told what anybody keeps, through whichever instance; loopback only. */
@ServerTest
class EventsTest {
  @LocalServerPort private int port;

  @Value("${spring.datasource.url}")
  private String database;

  private BlockingQueue<String> followed(int at) {
    BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/api/events"))
            .header("Accept", "text/event-stream")
            .build();
    CompletableFuture<HttpResponse<Void>> following =
        HttpClient.newHttpClient()
            .sendAsync(
                request,
                HttpResponse.BodyHandlers.fromLineSubscriber(
                    new LineQueue(heard), subscriber -> null, null));
    assertThat(following).as("goes on").isNotDone();
    return heard;
  }

  /** Lines as they come. */
  private record LineQueue(BlockingQueue<String> heard) implements Flow.Subscriber<String> {
    @Override
    public void onSubscribe(Flow.Subscription subscription) {
      subscription.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(String line) {
      heard.add(line);
    }

    @Override
    public void onError(Throwable gone) {}

    @Override
    public void onComplete() {
      heard.add("over");
    }
  }

  private static void waitFor(BlockingQueue<String> heard, String part) throws Exception {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
    for (String line = ""; !line.contains(part); ) {
      line = heard.poll(end - System.nanoTime(), TimeUnit.NANOSECONDS);
      assertThat(line).as("told of " + part).isNotNull();
    }
  }

  @Test
  void tellsWhatAnotherInstanceKept() throws Exception {
    try (ConfigurableApplicationContext other =
        SpringApplication.run(
            MellowHorizon.class,
            "--server.port=0",
            "--spring.datasource.url=" + database,
            "--spring.datasource.username=" + MariaDb.user(),
            "--spring.datasource.password=" + MariaDb.password())) {
      int otherPort =
          Integer.parseInt(other.getEnvironment().getRequiredProperty("local.server.port"));
      BlockingQueue<String> here = followed(port);
      BlockingQueue<String> there = followed(otherPort);
      waitFor(here, "here");
      waitFor(there, "here");
      Api api = new Api("http://127.0.0.1:" + otherPort, "Runa");
      String job = api.newJob("Quenby Loft", Map.of());
      waitFor(here, job);
      waitFor(there, job);
      here.clear();
      Api.expect(api.read(job, Api.newId(), "SPACING", null, "1200"), 200);
      waitFor(here, "\"kind\":\"job\",\"id\":\"" + job);
      other.close();
      waitFor(there, "over");
    }
  }

  /** Only what is new, in order, with who kept it and on which device. */
  @Test
  void recordIsReadOnFromALine() {
    Api api = new Api("http://127.0.0.1:" + port, "Runa");
    String job = api.newJob("Quenby Loft", Map.of());
    String path = "/api/jobs/" + job + "/record";
    long settings = api.get(path).body().get("last").asLong();
    Api.expect(api.read(job, Api.newId(), "SPACING", null, "1200"), 200);
    var news = api.get(path + "?after=" + settings).body();
    assertThat(news.get("lines")).hasSize(1);
    var line = news.get("lines").get(0);
    assertThat(line.get("kind").asText()).isEqualTo("read");
    assertThat(line.get("subject").asText()).isEqualTo("lamp:DIPPED");
    assertThat(line.get("by").asText()).isEqualTo("Runa");
    assertThat(line.get("number").asLong()).isEqualTo(news.get("last").asLong());
    assertThat(api.get(path + "?after=" + news.get("last").asLong()).body().get("lines")).isEmpty();
    assertThat(api.get("/api/jobs/" + Api.newId() + "/record").status()).isEqualTo(404);
  }
}
