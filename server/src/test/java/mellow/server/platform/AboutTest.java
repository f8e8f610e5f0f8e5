package mellow.server.platform;

import static java.nio.charset.StandardCharsets.UTF_8;
import static mellow.server.testing.Api.expect;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import mellow.server.testing.Api;
import mellow.server.testing.ServerTest;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The version and the licences of what is shipped are told. */
@ServerTest
class AboutTest {
  @LocalServerPort private int port;
  private Api api;

  @BeforeEach
  void speak() {
    api = new Api("http://127.0.0.1:" + port, "Runa");
  }

  @Test
  void theVersionIsTheBuildsOwnAndStandsInFiles() throws Exception {
    String version = expect(api.get("/api/about"), 200).body().get("version").asText();
    assertThat(Files.readString(Path.of("../pom.xml")))
        .contains("<version>" + version + "</version>");
    String job = api.newJob("Quenby Loft", Map.of());
    try (var pack = Loader.loadPDF(api.file("/api/jobs/" + job + "/pack.pdf"))) {
      assertThat(pack.getDocumentInformation().getProducer())
          .isEqualTo("Mellow Horizon " + version);
    }
    assertThat(new String(api.file("/api/jobs/" + job + "/follow-ups.ics"), UTF_8))
        .contains(version);
  }

  /** One of each: a jar of the server, a script and a font of the page. */
  @Test
  void licencesOfJarsScriptsAndFontsAreShipped() {
    assertThat(new String(api.file("/licences/jars.txt"), UTF_8)).contains("org.jooq:jooq:");
    assertThat(new String(api.file("/licences/page.txt"), UTF_8))
        .contains("\nreact-dom ", "\n@fontsource/barlow ", "SIL Open Font License");
  }
}
