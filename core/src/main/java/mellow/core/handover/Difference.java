package mellow.core.handover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something that is otherwise than it was at hand-over.
 *
 * @param what it is
 * @param then as it was handed over; empty where it was not read
 * @param now as it is; empty where it is not known any more
 */
public record Difference(String what, Optional<String> then, Optional<String> now) {
  /** Both lists of facts against each other, in the order of the first, then what is new. */
  public static List<Difference> between(Map<String, String> then, Map<String, String> now) {
    Map<String, String> all = new LinkedHashMap<>(then);
    now.forEach(all::putIfAbsent);
    List<Difference> differences = new ArrayList<>();
    for (String what : all.keySet()) {
      Optional<String> before = Optional.ofNullable(then.get(what));
      Optional<String> after = Optional.ofNullable(now.get(what));
      if (!before.equals(after)) {
        differences.add(new Difference(what, before, after));
      }
    }
    return differences;
  }
}
