package mellow.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * A MariaDB server of its own on loopback, with its data in a temporary directory. {@link
 * #shared()} gives one a JVM, fast and forgetful; tests of durability make their own with real
 * flushing.
 */
public final class MariaDb implements AutoCloseable {
  private static final String PASSWORD = "test";
  private static int databases;
  private static MariaDb shared;

  private final Path directory;
  private int port;
  private final List<String> options;
  private Process process;

  private MariaDb(List<String> options) throws IOException, InterruptedException {
    this.options = options;
    directory = Files.createTempDirectory("mellow-db-");
    port = freePort();
    String user = System.getProperty("user.name");
    run(
        List.of(
            "mariadb-install-db",
            "--no-defaults",
            "--user=" + user,
            "--datadir=" + directory.resolve("data"),
            "--auth-root-authentication-method=normal",
            "--skip-test-db"));
    // another copy of the tests may have taken the port meanwhile, and would answer instead
    while (!starts()) {
      port = freePort();
    }
  }

  /** The server that all tests of this JVM share; it ends with the JVM. */
  public static synchronized MariaDb shared() {
    if (shared == null) {
      shared = create(List.of("--innodb-flush-log-at-trx-commit=0", "--sync-binlog=0"));
    }
    return shared;
  }

  /** A server that is set up as the application's own: it keeps what it acknowledged. */
  public static MariaDb durable() {
    return create(List.of("--innodb-flush-log-at-trx-commit=1", "--innodb-buffer-pool-size=256M"));
  }

  private static MariaDb create(List<String> options) {
    try {
      MariaDb server = new MariaDb(options);
      Runtime.getRuntime().addShutdownHook(new Thread(server::close));
      return server;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A free port on loopback. */
  public static int freePort() {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts the server on its data, and waits until it answers. */
  public void start() {
    if (!starts()) {
      throw new IllegalStateException("port " + port + " was taken by another server");
    }
  }

  /** Whether it is this server that answers on the port. */
  private boolean starts() {
    List<String> command = new ArrayList<>();
    command.addAll(
        List.of(
            "mariadbd",
            "--no-defaults",
            "--user=" + System.getProperty("user.name"),
            "--datadir=" + directory.resolve("data"),
            "--socket=" + directory.resolve("s.sock"),
            "--port=" + port,
            "--bind-address=127.0.0.1",
            "--pid-file=" + directory.resolve("db.pid"),
            "--skip-name-resolve",
            "--character-set-server=utf8mb4",
            "--collation-server=utf8mb4_unicode_ci",
            "--innodb-buffer-pool-size=64M"));
    command.addAll(options);
    try {
      ProcessBuilder server =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(
                  ProcessBuilder.Redirect.appendTo(directory.resolve("out.log").toFile()));
      ownTemporaryFiles(server);
      process = server.start();
      return waitUntilItAnswers();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private boolean waitUntilItAnswers() throws InterruptedException, IOException {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
    while (true) {
      try (Connection connection = connect("");
          Statement statement = connection.createStatement();
          ResultSet answer = statement.executeQuery("select @@datadir")) {
        answer.next();
        return Path.of(answer.getString(1)).equals(directory.resolve("data"));
      } catch (SQLException e) {
        if (!process.isAlive() && isTaken()) {
          return false;
        }
        if (!process.isAlive() || System.nanoTime() > end) {
          throw new IllegalStateException(
              "mariadbd did not start, see " + directory.resolve("out.log"), e);
        }
        Thread.sleep(50);
      }
    }
  }

  private boolean isTaken() throws IOException {
    return Files.readString(directory.resolve("out.log")).contains("Address already in use");
  }

  /** Ends the server as a power cut would. */
  public void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  /** A new, empty database; its JDBC address. */
  public synchronized String newDatabase() {
    String name = "t" + ++databases;
    try (Connection connection = connect("");
        Statement statement = connection.createStatement()) {
      statement.execute("create database " + name);
      statement.execute(
          "create user if not exists tester@'127.0.0.1' identified by '" + PASSWORD + "'");
      statement.execute("grant all on *.* to tester@'127.0.0.1' with grant option");
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    return "jdbc:mariadb://127.0.0.1:" + port + "/" + name;
  }

  public static String user() {
    return "tester";
  }

  public static String password() {
    return PASSWORD;
  }

  private Connection connect(String database) throws SQLException {
    return DriverManager.getConnection(
        "jdbc:mariadb://127.0.0.1:" + port + "/" + database, "root", "");
  }

  @Override
  public synchronized void close() {
    if (process.isAlive()) {
      process.destroy();
      try {
        if (!process.waitFor(20, TimeUnit.SECONDS)) {
          process.destroyForcibly();
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
    if (!Files.exists(directory)) {
      return;
    }
    try (Stream<Path> files = Files.walk(directory)) {
      files.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A server that starts removes the temporary tables of others from a directory they share. */
  private void ownTemporaryFiles(ProcessBuilder server) throws IOException {
    Path own = Files.createDirectories(directory.resolve("tmp"));
    server.environment().put("TMPDIR", own.toString());
  }

  private void run(List<String> command) throws IOException, InterruptedException {
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    ownTemporaryFiles(builder);
    Process process = builder.start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (process.waitFor() != 0) {
      throw new IllegalStateException(command + " failed:\n" + out);
    }
  }
}
