package mellow.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** In which language a client is answered. */
@ServerTest
class LanguageTest {
  @LocalServerPort private int port;

  /**
   * Longer words, "en-XA", are asked for by name only; a link's own language comes before a header.
   */
  @ParameterizedTest
  @CsvSource({
    "'', en, There is no such job.",
    "'', fr, There is no such job.",
    "'', en-AU, There is no such job.",
    "'', de, Diesen Auftrag gibt es nicht.",
    "'', 'de-AT,en;q=0.5', Diesen Auftrag gibt es nicht.",
    "'', en-XA, Thereth isi non suchsu jobjo.",
    "?language=de, en, Diesen Auftrag gibt es nicht.",
    "?language=en, de, There is no such job.",
    "?language=, de, Diesen Auftrag gibt es nicht.",
    "?language=%3Cscript%3E, de, There is no such job.",
    "?other=de, en, There is no such job."
  })
  void isTheClients(String query, String header, String answer)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create(
                    "http://127.0.0.1:%d/api/jobs/%s%s".formatted(port, new UUID(0, 0), query)))
            .header("Accept-Language", header)
            .build();
    String body =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString()).body();
    assertThat(body).contains(answer);
  }
}
