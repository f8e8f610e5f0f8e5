package mellow.server.platform.guard;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Lets the application's account change the rows of some tables only: all others are added to and
 * never changed, and nothing is ever deleted. Where one account does everything, nothing is
 * granted.
 */
@Component
public class RowRights implements Callback {
  private static final List<String> CHANGED =
      List.of("shop", "vehicle", "adjuster", "bay", "job", "sheet", "photo", "job_rule_set");

  private final String rows;
  private final String owner;

  /**
   * For two accounts.
   *
   * @param rows the account that reads and writes rows
   * @param owner the account that changes the tables' form
   */
  @Autowired
  public RowRights(
      @Value("${spring.datasource.username:}") String rows,
      @Value("${spring.flyway.user:}") String owner) {
    this.rows = rows;
    this.owner = owner;
  }

  @Override
  public boolean supports(Event event, Context context) {
    return event == Event.AFTER_MIGRATE && !owner.isEmpty() && !owner.equals(rows);
  }

  @Override
  public boolean canHandleInTransaction(Event event, Context context) {
    return false;
  }

  @Override
  public void handle(Event event, Context context) {
    Connection connection = context.getConnection();
    try (Statement statement = connection.createStatement()) {
      for (String table : CHANGED) {
        statement.execute("grant update on %s to '%s'@'127.0.0.1'".formatted(table, rows));
      }
    } catch (SQLException e) {
      throw new FlywayException("The rights of %s could not be granted".formatted(rows), e);
    }
  }

  @Override
  public String getCallbackName() {
    return "rowRights";
  }
}
