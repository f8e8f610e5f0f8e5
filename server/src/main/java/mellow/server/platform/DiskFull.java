package mellow.server.platform;

import java.sql.SQLException;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Whether something failed because there was no room left to write to. */
final class DiskFull {
  /** MariaDB: ER_DISK_FULL, ER_RECORD_FILE_FULL. */
  private static final Set<Integer> CODES = Set.of(1021, 1114);

  /** As the system says it, and as MariaDB hands its number on. */
  private static final Pattern WORDS =
      Pattern.compile(
          "No space left on device|Disk quota exceeded|\\b(errno|Errcode|error):? 28\\b");

  private DiskFull() {}

  static boolean is(@Nullable Throwable thrown) {
    for (Throwable one = thrown; one != null; one = one.getCause()) {
      if (one instanceof SQLException sql && CODES.contains(sql.getErrorCode())) {
        return true;
      }
      if (WORDS.matcher(String.valueOf(one.getMessage())).find()) {
        return true;
      }
    }
    return false;
  }
}
