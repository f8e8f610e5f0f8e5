package mellow.server.platform.guard;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import mellow.server.testing.MariaDb;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The application's account adds rows; it changes those of some tables and deletes none. */
class RowRightsTest {
  private static final String ROWS = "few_rights";
  private static final String PASSWORD = "only here";
  private static final String ADDRESS = migrated();

  private static String migrated() {
    String address = MariaDb.shared().newDatabase();
    String database = address.substring(address.lastIndexOf('/') + 1);
    try (Connection owner =
            DriverManager.getConnection(address, MariaDb.user(), MariaDb.password());
        Statement statement = owner.createStatement()) {
      statement.execute(
          "create or replace user %s@'127.0.0.1' identified by '%s'".formatted(ROWS, PASSWORD));
      statement.execute(
          "grant select, insert, lock tables on %s.* to %s@'127.0.0.1'".formatted(database, ROWS));
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    Flyway.configure()
        .dataSource(address, MariaDb.user(), MariaDb.password())
        .callbacks(new RowRights(ROWS, MariaDb.user()))
        .load()
        .migrate();
    return address;
  }

  private static void run(String sql) throws SQLException {
    try (Connection rows = DriverManager.getConnection(ADDRESS, ROWS, PASSWORD);
        Statement statement = rows.createStatement()) {
      statement.execute(sql);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "update fact set kept_by = 'x'",
        "update fact set content = '{}'",
        "update hand_over set reason = 'x'",
        "update amendment set words = 'x'",
        "delete from fact",
        "delete from job",
        "drop table fact",
        "truncate fact",
        "alter table job add column x int",
        "create table x (y int)"
      })
  void whatIsWrittenDownStays(String sql) {
    assertThatThrownBy(() -> run(sql))
        .isInstanceOf(SQLException.class)
        .hasMessageContaining("denied");
  }

  @Test
  void whatIsWorkedOnChanges() {
    assertThatCode(
            () -> {
              run("update job set work = 'x' where id = 'none'");
              run("update sheet set content = '{}' where job_id = 'none'");
              run("select id from job where id = 'none' for update");
            })
        .doesNotThrowAnyException();
  }
}
