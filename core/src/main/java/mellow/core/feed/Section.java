package mellow.core.feed;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A piece of a plan: something that the vehicle has, or what the plan adds.
 *
 * @param name of what the vehicle has; empty for the plan's own
 */
public record Section(
    String name, List<Question> questions, List<Block> blocks, List<Expectation> expectations) {
  public Section {
    questions = List.copyOf(questions);
    blocks = List.copyOf(blocks);
    expectations = List.copyOf(expectations);
  }

  boolean isOwn() {
    return name.isEmpty();
  }

  /** The functions of its lamps, by their names. */
  Set<String> lamps() {
    return blocks.stream()
        .filter(block -> block.kind().equals("lamp"))
        .map(block -> block.values().getOrDefault("function", ""))
        .collect(Collectors.toSet());
  }
}
