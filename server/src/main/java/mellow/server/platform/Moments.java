package mellow.server.platform;

import java.time.Instant;
import java.util.Optional;

/** Knows when lines of the record were made. */
public interface Moments {
  /**
   * The latest moment of what was kept of the line's own job or bay up to it; empty where the shop
   * has no such line.
   */
  Optional<Instant> upTo(String shopId, long line);
}
