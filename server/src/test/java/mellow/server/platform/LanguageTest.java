package mellow.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import mellow.server.testing.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** In which language a client is answered. */
@ServerTest
class LanguageTest {
  private static final String ENGLISH = "There is no such job.";
  private static final String GERMAN = "Diesen Auftrag gibt es nicht.";

  @LocalServerPort private int port;

  private String answer(String header, String value) throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create(
                    "http://127.0.0.1:" + port + "/api/jobs/00000000-0000-0000-0000-000000000000"))
            .header(header, value)
            .build();
    return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString()).body();
  }

  @ParameterizedTest
  @CsvSource({
    "Accept-Language, en",
    "Accept-Language, fr",
    "Cookie, mellow-language=en",
    "Cookie, mellow-language=<script>",
    "Cookie, other=de"
  })
  void isEnglish(String header, String value) throws IOException, InterruptedException {
    assertThat(answer(header, value)).contains(ENGLISH);
  }

  @ParameterizedTest
  @CsvSource({
    "Accept-Language, de",
    "Accept-Language, 'de-AT,en;q=0.5'",
    "Cookie, mellow-language=de"
  })
  void isGerman(String header, String value) throws IOException, InterruptedException {
    assertThat(answer(header, value)).contains(GERMAN);
  }

  /** Longer words are asked for by name only. */
  @Test
  void stretchedWordsAreNoLanguageOfEnglishReaders() throws IOException, InterruptedException {
    assertThat(answer("Accept-Language", "en-AU")).contains(ENGLISH);
    assertThat(answer("Accept-Language", "en-XA")).contains("Thereth isi non suchsu jobjo.");
  }
}
