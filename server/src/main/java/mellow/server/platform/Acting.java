package mellow.server.platform;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/**
 * Who acts, for which shop, and when. The one place where identity enters; accounts will fill it
 * later.
 *
 * @param shopId the shop whose rows are seen
 * @param person the name picked on the page; empty where only reading
 * @param device what the browser calls itself; empty where it does not say
 * @param at when the request came in, or the earlier moment that it looks back at
 */
public record Acting(String shopId, String person, String device, Instant at) {
  /** The one shop of an installation without accounts. */
  public static final String ONLY_SHOP = "01900000-0000-7000-8000-000000000001";

  /** On a device that does not say what it is called. */
  public Acting(String shopId, String person, Instant at) {
    this(shopId, person, "", at);
  }

  /** The moment as it is stored: UTC, to the millisecond. */
  public LocalDateTime moment() {
    return LocalDateTime.ofInstant(storedAt(), ZoneOffset.UTC);
  }

  /** The same as an instant. */
  public Instant storedAt() {
    return at.truncatedTo(ChronoUnit.MILLIS);
  }

  /** The acting person's name, for something that will be kept. */
  public String personOrRefuse() {
    if (person.isBlank()) {
      throw Refusal.unprocessable("person", PlatformWords.pickName());
    }
    return person;
  }
}
