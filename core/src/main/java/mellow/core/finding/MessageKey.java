package mellow.core.finding;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The name of a message and those of its arguments. There is one of each, counted through, so that
 * a sentence needs no look-up by name.
 */
public final class MessageKey {
  private static final Map<String, MessageKey> KNOWN = new HashMap<>();

  private final String text;
  private final List<String> names;
  private final int number;

  private MessageKey(String text, List<String> names, int number) {
    this.text = text;
    this.names = names;
    this.number = number;
  }

  /**
   * The key of that name.
   *
   * @throws IllegalArgumentException where it is known with other arguments
   */
  public static synchronized MessageKey of(String text, String... names) {
    KNOWN.putIfAbsent(text, new MessageKey(text, List.of(names), KNOWN.size()));
    MessageKey key = KNOWN.get(text);
    if (!key.names.equals(List.of(names))) {
      throw new IllegalArgumentException(text + " has " + key.names);
    }
    return key;
  }

  /** Feature and key: "stance.tipped". */
  public String text() {
    return text;
  }

  /** Of its arguments, in the order in which they are given. */
  public List<String> names() {
    return names;
  }

  /** Its place among all. */
  public int number() {
    return number;
  }

  @Override
  public String toString() {
    return text;
  }
}
