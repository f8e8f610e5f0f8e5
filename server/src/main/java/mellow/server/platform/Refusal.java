package mellow.server.platform;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mellow.core.entry.Entry;
import mellow.core.finding.Sentence;
import org.springframework.http.HttpStatus;

/** A request that is not carried out, with a sentence for people and the field it is about. */
@SuppressWarnings("serial")
public final class Refusal extends RuntimeException {
  private final HttpStatus status;
  private final String field;
  private final transient Sentence says;
  private transient Sentence reason;
  private final Map<String, Object> more = new LinkedHashMap<>();

  private Refusal(HttpStatus status, String field, Sentence says) {
    super(says.toString());
    this.status = status;
    this.field = field;
    this.says = says;
    this.reason = says;
  }

  /** What was sent cannot be; {@code field} names the part at fault. */
  public static Refusal unprocessable(String field, Sentence says) {
    return new Refusal(HttpStatus.UNPROCESSABLE_ENTITY, field, says);
  }

  /** What was typed cannot be read. */
  public static Refusal unreadable(String field, Entry.Refused<?> refused) {
    return unprocessable(field, Sentence.inTurn(List.of(refused.why(), refused.wouldBeRight())))
        .because(refused.why())
        .with("at", refused.at());
  }

  /** A file that was sent cannot be taken; {@code place} says where it is at fault. */
  public static Refusal inFile(String place, Sentence says) {
    return unprocessable("file", place.isEmpty() ? says : PlatformWords.at(place, says))
        .because(says)
        .with("place", place);
  }

  public static Refusal notFound(Sentence says) {
    return new Refusal(HttpStatus.NOT_FOUND, "id", says);
  }

  public static Refusal conflict(String field, Sentence says) {
    return new Refusal(HttpStatus.CONFLICT, field, says);
  }

  /** The row was changed by somebody else since the page was shown. */
  public static Refusal stale(String changedBy, Object current) {
    return conflict("version", PlatformWords.changedBy(changedBy))
        .with("changedBy", changedBy)
        .with("current", current);
  }

  /** Of a refusal that says more than its reason: the reason alone. */
  private Refusal because(Sentence sentence) {
    reason = sentence;
    return this;
  }

  /** Adds something to the problem's document. */
  public Refusal with(String key, Object value) {
    more.put(key, value);
    return this;
  }

  /** What is said of it. */
  public Sentence says() {
    return says;
  }

  /** Why, without where or what would be right. */
  Sentence reason() {
    return reason;
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
