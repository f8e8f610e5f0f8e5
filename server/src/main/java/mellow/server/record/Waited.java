package mellow.server.record;

import java.time.Instant;
import mellow.server.platform.Acting;
import org.jspecify.annotations.Nullable;

/** What waited in a page for the network was made when it was entered, by the server's clock. */
public final class Waited {
  /** 30 days. */
  public static final long MOST_MS = 2_592_000_000L;

  private Waited() {}

  /** When something was made that is kept now. */
  public static Instant made(Acting acting, @Nullable Long waitedMs) {
    return acting.storedAt().minusMillis(waitedMs == null ? 0 : waitedMs);
  }
}
