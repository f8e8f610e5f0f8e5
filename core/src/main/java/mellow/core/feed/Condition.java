package mellow.core.feed;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * When a block or an expectation takes part: all of the named answers are among the given ones.
 *
 * @param asked by question; empty for always
 */
public record Condition(Map<String, Set<String>> asked) {
  public static final Condition ALWAYS = new Condition(Map.of());

  public Condition {
    asked = Map.copyOf(asked);
  }

  /**
   * Reads "source=accessory|run & outOnMain=yes".
   *
   * @throws FeedProblem where it reads otherwise
   */
  public static Condition read(String text) throws FeedProblem {
    Map<String, Set<String>> asked = new LinkedHashMap<>();
    if (text.isBlank()) {
      return ALWAYS;
    }
    for (String one : text.split("&", -1)) {
      String[] sides = one.split("=", -1);
      if (sides.length != 2 || sides[0].isBlank() || sides[1].isBlank()) {
        throw new FeedProblem(text, FeedWords.noCondition(one));
      }
      asked.put(sides[0].strip(), Set.of(sides[1].strip().split("\\|", -1)));
    }
    return new Condition(asked);
  }

  /**
   * The same asked of questions by their other names; those that are not among them keep theirs.
   */
  Condition renamed(Map<String, String> names) {
    Map<String, Set<String>> renamed = new LinkedHashMap<>();
    asked.forEach((id, answers) -> renamed.put(names.getOrDefault(id, id), answers));
    return new Condition(renamed);
  }

  boolean holds(Map<String, String> answers) {
    return asked.entrySet().stream()
        .allMatch(one -> one.getValue().contains(answers.getOrDefault(one.getKey(), "")));
  }
}
