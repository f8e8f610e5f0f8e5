package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.server.testing.MariaDb;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code ./mellow backup} and {@code restore}: into a second database, and not over a first. */
class BackupIT {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final Pattern ADDRESS =
      Pattern.compile("jdbc:mariadb://([^:/]+):(\\d+)/([^?]+).*");

  @TempDir private Path directory;

  private Path first;
  private Path second;

  /** What a command said, and whether it went well. */
  private record Said(int status, String words) {}

  private Said run(Path state, String script) throws IOException, InterruptedException {
    ProcessBuilder builder = new ProcessBuilder("bash", "-c", script).directory(ROOT.toFile());
    builder
        .environment()
        .putAll(Map.of("MELLOW_STATE", state.toString(), "MYSQL_PWD", MariaDb.password()));
    Path out = Files.createTempFile(directory, "said", ".txt");
    Process process = builder.redirectErrorStream(true).redirectOutput(out.toFile()).start();
    assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), Files.readString(out, StandardCharsets.UTF_8));
  }

  /** In a shell that knows the database of a state. */
  private String sql(Path state, String statement) throws IOException, InterruptedException {
    Said said = run(state, PARTS + "db_sql -N mellow -e \"" + statement + "\"");
    assertThat(said.status()).as(said.words()).isZero();
    return said.words();
  }

  private static final String PARTS =
      "set -e; ROOT=$PWD; STATE=$MELLOW_STATE; export PATH=$PATH:/usr/sbin:/sbin; "
          + "for part in say packages database build app backup; do . scripts/$part.sh; done; ";

  @BeforeEach
  void demoDataInADatabaseOfItsOwn() throws Exception {
    first = Files.createDirectories(directory.resolve("first"));
    second = Files.createDirectories(directory.resolve("second"));
    Matcher address = ADDRESS.matcher(Application.shared().database());
    assertThat(address.matches()).isTrue();
    Said said =
        run(
            first,
            PARTS
                + "db_start; mariadb-dump --no-defaults -h %s -P %s -u %s --single-transaction %s | db_sql mellow"
                    .formatted(
                        address.group(1), address.group(2), MariaDb.user(), address.group(3)));
    assertThat(said.status()).as(said.words()).isZero();
    Path photo = first.resolve("photos/ab/abcdef");
    Files.createDirectories(photo.getParent());
    Files.write(photo, new byte[] {1, 2, 3, 0, -1});
  }

  @AfterEach
  void stopBoth() throws Exception {
    run(first, "./mellow stop");
    run(second, "./mellow stop");
  }

  @Test
  void comesBackWholeAndOverNothing() throws Exception {
    String tables = sql(first, "show tables").strip().replaceAll("\\s+", ", ");
    Path file = directory.resolve("all.backup");
    Said written = run(first, "./mellow backup " + file);
    assertThat(written.status()).as(written.words()).isZero();
    assertThat(run(first, "./mellow backup " + file).words()).contains("is there already");

    Said restored = run(second, "./mellow restore " + file);
    assertThat(restored.status()).as(restored.words()).isZero();
    assertThat(sql(second, "checksum table " + tables))
        .isEqualTo(sql(first, "checksum table " + tables));
    assertThat(sql(second, "select count(*) from job").strip()).isNotEqualTo("0");
    assertThat(Files.readAllBytes(second.resolve("photos/ab/abcdef")))
        .isEqualTo(new byte[] {1, 2, 3, 0, -1});

    sql(second, "update shop set name = 'changed since'");
    Said over = run(second, "./mellow restore " + file);
    assertThat(over.status()).isNotZero();
    assertThat(over.words()).contains("To replace it");
    assertThat(sql(second, "select name from shop")).contains("changed since");

    Path damaged = directory.resolve("damaged.backup");
    Files.copy(file, damaged);
    try (RandomAccessFile bytes = new RandomAccessFile(damaged.toFile(), "rw")) {
      bytes.seek(bytes.length() / 2);
      bytes.write(new byte[64]);
    }
    Said refused = run(second, "./mellow restore " + damaged + " --replace");
    assertThat(refused.status()).isNotZero();
    assertThat(refused.words()).contains("is damaged, or no backup; nothing was changed");
    assertThat(sql(second, "select name from shop")).contains("changed since");

    assertThat(run(second, "./mellow restore " + file + " --replace").status()).isZero();
    assertThat(sql(second, "select name from shop")).doesNotContain("changed since");
  }
}
