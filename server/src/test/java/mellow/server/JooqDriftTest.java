package mellow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import java.util.stream.Stream;
import mellow.server.testing.MariaDb;
import org.flywaydb.core.Flyway;
import org.jooq.codegen.GenerationTool;
import org.jooq.meta.jaxb.Configuration;
import org.jooq.meta.jaxb.Jdbc;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The committed database types are what the migrations give. */
class JooqDriftTest {
  @Test
  void theCommittedTypesAreThoseOfTheMigrations(@TempDir Path fresh) throws Exception {
    String url = MariaDb.shared().newDatabase();
    Flyway.configure().dataSource(url, MariaDb.user(), MariaDb.password()).load().migrate();
    Configuration configuration;
    try (InputStream in = Files.newInputStream(Path.of("jooq.xml"))) {
      configuration = GenerationTool.load(in);
    }
    configuration.setJdbc(
        new Jdbc()
            .withDriver("org.mariadb.jdbc.Driver")
            .withUrl(url)
            .withUser(MariaDb.user())
            .withPassword(MariaDb.password()));
    configuration
        .getGenerator()
        .getDatabase()
        .setInputSchema(url.substring(url.lastIndexOf('/') + 1));
    configuration.getGenerator().getTarget().setDirectory(fresh.toString());

    GenerationTool.generate(configuration);

    assertThat(files(Path.of("src/main/generated")))
        .as("src/main/generated has drifted: run ./mellow generate")
        .isEqualTo(files(fresh));
  }

  private static TreeMap<String, String> files(Path root) throws IOException {
    TreeMap<String, String> files = new TreeMap<>();
    try (Stream<Path> all = Files.walk(root)) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        files.put(root.relativize(file).toString(), Files.readString(file));
      }
    }
    return files;
  }
}
