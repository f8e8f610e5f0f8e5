package mellow.server.workshop;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * An entry as it is kept.
 *
 * @param struckBy the entry that took it back
 */
record KeptEntry(
    String id, String jobId, EntryEdit edit, String by, Instant at, @Nullable String struckBy) {
  boolean isLiving() {
    return struckBy == null && edit.strikes() == null;
  }
}
