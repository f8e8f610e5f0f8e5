package mellow.core.handover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something that is otherwise than it was at hand-over.
 *
 * @param what it is
 * @param then as it was handed over; "not known" where it was not read
 * @param now as it is
 */
public record Difference(String what, String then, String now) {
  /** Both lists of facts against each other, in the order of the first, then what is new. */
  public static List<Difference> between(Map<String, String> then, Map<String, String> now) {
    Map<String, String> all = new LinkedHashMap<>(then);
    now.forEach(all::putIfAbsent);
    List<Difference> differences = new ArrayList<>();
    for (String what : all.keySet()) {
      String before = then.getOrDefault(what, "not known");
      String after = now.getOrDefault(what, "not known");
      if (!before.equals(after)) {
        differences.add(new Difference(what, before, after));
      }
    }
    return differences;
  }
}
