package mellow.server.platform;

import java.time.Instant;

/** Knows when lines of the record were made. */
public interface Moments {
  /**
   * The latest moment of what was kept of the line's own job or bay up to it, or a refusal where
   * the shop has no such line.
   */
  Instant upTo(String shopId, long line);
}
