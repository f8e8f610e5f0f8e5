package mellow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
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

    Said foreign = run(second, "./mellow restore " + file);
    assertThat(foreign.status()).isNotZero();
    assertThat(foreign.words()).contains("was not written by this installation");
    Said restored = run(second, "./mellow restore " + file + " --foreign");
    assertThat(restored.status()).as(restored.words()).isZero();
    assertThat(sql(second, "checksum table " + tables))
        .isEqualTo(sql(first, "checksum table " + tables));
    assertThat(sql(second, "select count(*) from job").strip()).isNotEqualTo("0");
    assertThat(Files.readAllBytes(second.resolve("photos/ab/abcdef")))
        .isEqualTo(new byte[] {1, 2, 3, 0, -1});

    sql(second, "update shop set name = 'changed since'");
    Said over = run(second, "./mellow restore " + file + " --foreign");
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

    assertThat(run(second, "./mellow restore " + file + " --replace --foreign").status()).isZero();
    assertThat(sql(second, "select name from shop")).doesNotContain("changed since");
  }

  /**
   * What the version before the record dumped, packed as it packed a backup, comes in whole; what
   * becomes of its tables when the application starts on them is tried by the server's tests.
   */
  @Test
  void aBackupOfTheVersionBeforeIsRestored() throws Exception {
    Path file = directory.resolve("before.backup");
    Said packed =
        run(
            second,
            PARTS
                + "w=$(mktemp -d); k=server/src/test/resources/mellow/server/before-record; "
                + "cp $k/mellow.sql $w/; for p in $k/jobs/*/photos/*.jpg; do "
                + "h=$(sha256sum $p | cut -d' ' -f1); mkdir -p $w/photos/${h:0:2}; "
                + "cp $p $w/photos/${h:0:2}/$h; done; echo mellow-horizon-backup-1 >$w/format; "
                + "backup_manifest $w >$w/manifest.sha256; tar -czf %s -C $w .".formatted(file));
    assertThat(packed.status()).as(packed.words()).isZero();
    Said restored = run(second, "./mellow restore " + file + " --foreign");
    assertThat(restored.status()).as(restored.words()).isZero();
    // as counted in the dump
    assertThat(sql(second, "select count(*) from workshop_entry").strip()).isEqualTo("131");
    try (Stream<Path> photos = Files.walk(second.resolve("photos"))) {
      assertThat(photos.filter(Files::isRegularFile)).hasSize(2);
    }
  }

  /** Packs a backup anew with its statements changed and its manifest made to fit. */
  private Path forged(Path file, String statement) throws Exception {
    Path forged = directory.resolve("forged.backup");
    Said made =
        run(
            first,
            PARTS
                + "w=$(mktemp -d); tar -xzf %s -C $w; printf '%%s\\n' \"%s\" >>$w/mellow.sql; "
                    .formatted(file, statement)
                + "backup_manifest $w >$w/manifest.sha256; tar -czf %s -C $w .".formatted(forged));
    assertThat(made.status()).as(made.words()).isZero();
    return forged;
  }

  /** What a file or a kill must not do; one database for all of it, as it takes long to fill. */
  @Test
  void aRestoreHarmsNothing() throws Exception {
    Path file = directory.resolve("all.backup");
    assertThat(run(first, "./mellow backup " + file).status()).isZero();
    secretsStayInTheirDirectoryAndTheApplicationOnlyWritesRows();
    sql(first, "update shop set name = 'stays'");
    aBackupIsDataAndNeverCommands(file);
    aRestoreThatIsEndedInTheMiddleChangesNothing(file);
  }

  /** A crafted file runs no command, reaches no other database, and leaves all as it was. */
  private void aBackupIsDataAndNeverCommands(Path file) throws Exception {
    Path trace = directory.resolve("trace");
    for (String bad :
        new String[] {"\\\\! touch " + trace, "drop database mellow;", "create user evil;"}) {
      Said refused = run(first, "./mellow restore " + forged(file, bad) + " --replace --foreign");
      assertThat(refused.status()).as(bad + refused.words()).isNotZero();
      assertThat(trace).doesNotExist();
      assertThat(sql(first, "select name from shop")).as(bad).contains("stays");
    }
  }

  /** Ended while it loads: what was there is there. */
  private void aRestoreThatIsEndedInTheMiddleChangesNothing(Path file) throws Exception {
    run(
        first,
        PARTS
            + "w=$(mktemp -d \"$STATE/restore.XXXXXX\"); restore_unpack %s $w; ".formatted(file)
            // the load goes through, and its shell is ended before the tables change places
            + "restore_tables() { kill -9 $$; }; restore_load $w");
    assertThat(sql(first, "select name from shop")).contains("stays");
    assertThat(run(first, "./mellow restore " + file + " --replace").status()).isZero();
    assertThat(sql(first, "select name from shop")).doesNotContain("stays");
  }

  /** No secret stands in a command line, a file that others read, or an account that may more. */
  private void secretsStayInTheirDirectoryAndTheApplicationOnlyWritesRows() throws Exception {
    for (String secret : new String[] {"db/password", "db/owner-password"}) {
      assertThat(Files.getPosixFilePermissions(first.resolve(secret)))
          .containsOnly(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
    }
    assertThat(Files.getPosixFilePermissions(first))
        .doesNotContain(PosixFilePermission.OTHERS_EXECUTE, PosixFilePermission.GROUP_READ);
    assertThat(sql(first, "show grants for mellow@'127.0.0.1'"))
        .contains("GRANT SELECT, INSERT, LOCK TABLES ON `mellow`.*")
        .doesNotContain("ALL PRIVILEGES", "DROP", "CREATE", "DELETE", "generate")
        .doesNotContain("UPDATE ON `mellow`.`fact`", "UPDATE ON `mellow`.`hand_over`");
  }
}
