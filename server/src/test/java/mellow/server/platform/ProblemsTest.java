package mellow.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.List;
import org.apache.catalina.connector.ClientAbortException;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.Test;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

class ProblemsTest {
  private static final Problems PROBLEMS = new Problems();

  /** ENOSPC is 28; 1021 and 1114 are MariaDB's own numbers for it. */
  @Test
  void aFullDiskSaysSo() {
    List<ResponseEntity<ProblemDetail>> answers =
        List.of(
            PROBLEMS.unforeseen(
                new UncheckedIOException(new IOException("No space left on device"))),
            PROBLEMS.database(
                new DataAccessException("insert", new SQLException("full", "HY000", 1114))),
            PROBLEMS.database(
                new DataAccessException(
                    "insert",
                    new SQLException("Got error: 28 from storage engine", "HY000", 1030))));
    for (ResponseEntity<ProblemDetail> answer : answers) {
      assertThat(answer.getStatusCode().value()).isEqualTo(507);
      assertThat(answer.getBody()).extracting(ProblemDetail::getDetail).asString().contains("full");
    }
  }

  @Test
  void aDatabaseThatIsAwayIsNoFullDisk() {
    assertThat(
            PROBLEMS
                .database(new DataAccessException("gone", new SQLException("away", "08000", 0)))
                .getStatusCode()
                .value())
        .isEqualTo(503);
  }

  @Test
  void whoWentAwayIsNotAnswered() {
    assertThat(PROBLEMS.unforeseen(new ClientAbortException(new IOException("Broken pipe"))))
        .isNull();
  }
}
