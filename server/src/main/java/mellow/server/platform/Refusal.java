package mellow.server.platform;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that is not carried out, with a sentence for people and the field it is about. */
@SuppressWarnings("serial")
public final class Refusal extends RuntimeException {
  private final HttpStatus status;
  private final String field;
  private final Map<String, Object> more = new LinkedHashMap<>();

  private Refusal(HttpStatus status, String field, String sentence) {
    super(sentence);
    this.status = status;
    this.field = field;
  }

  /** What was sent cannot be; {@code field} names the part at fault. */
  public static Refusal unprocessable(String field, String sentence) {
    return new Refusal(HttpStatus.UNPROCESSABLE_ENTITY, field, sentence);
  }

  /** A file that was sent cannot be taken; {@code place} says where it is at fault. */
  public static Refusal inFile(String place, String sentence) {
    return unprocessable("file", (place.isEmpty() ? "" : "At " + place + ": ") + sentence)
        .with("place", place);
  }

  public static Refusal notFound(String sentence) {
    return new Refusal(HttpStatus.NOT_FOUND, "id", sentence);
  }

  public static Refusal conflict(String field, String sentence) {
    return new Refusal(HttpStatus.CONFLICT, field, sentence);
  }

  /** The row was changed by somebody else since the page was shown. */
  public static Refusal stale(String changedBy, Object current) {
    return conflict("version", "Changed meanwhile by " + changedBy + ".")
        .with("changedBy", changedBy)
        .with("current", current);
  }

  /** Adds something to the problem's document. */
  public Refusal with(String key, Object value) {
    more.put(key, value);
    return this;
  }

  HttpStatus status() {
    return status;
  }

  String field() {
    return field;
  }

  Map<String, Object> more() {
    return more;
  }
}
