package mellow.core.feed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mellow.core.vehicle.Side;

/**
 * A part of a plan before its questions are answered.
 *
 * @param values by name; "kind" and "id" are always there, {@code {answer}} stands for an answer
 * @param onlyIf when it takes part
 * @param bothSides whether it stands for two parts, {@code {side}} telling them apart
 * @param factory whether the vehicle had it before
 */
public record Block(
    Map<String, String> values, Condition onlyIf, boolean bothSides, boolean factory) {
  private static final Pattern ANSWER = Pattern.compile("\\{(\\w+)}");

  public Block {
    values = Map.copyOf(values);
    if (!values.containsKey("kind") || !values.containsKey("id")) {
      throw new IllegalArgumentException("a block has a kind and an id");
    }
  }

  /** The parts that it stands for, with the answers filled in. */
  List<Map<String, String>> filled(Map<String, String> answers) throws FeedProblem {
    if (!onlyIf.holds(answers)) {
      return List.of();
    }
    if (!bothSides) {
      return List.of(filledOnce(answers));
    }
    List<Map<String, String>> both = new ArrayList<>();
    for (Side side : Side.values()) {
      Map<String, String> sided = new LinkedHashMap<>(answers);
      boolean near = side.name().equals(answers.getOrDefault("harnessSide", "LEFT"));
      sided.put("side", side.word());
      sided.put("SIDE", side.name());
      sided.put("branch", answers.getOrDefault(near ? "nearMetres" : "farMetres", "1"));
      both.add(filledOnce(sided));
    }
    return both;
  }

  private Map<String, String> filledOnce(Map<String, String> answers) throws FeedProblem {
    Map<String, String> filled = new LinkedHashMap<>();
    for (Map.Entry<String, String> one : values.entrySet()) {
      Matcher matcher = ANSWER.matcher(one.getValue());
      StringBuilder text = new StringBuilder();
      while (matcher.find()) {
        String answer = answers.get(matcher.group(1));
        if (answer == null) {
          throw new FeedProblem(
              String.valueOf(values.get("id")),
              "“%s” is not asked by this plan.".formatted(matcher.group(1)));
        }
        matcher.appendReplacement(text, Matcher.quoteReplacement(answer));
      }
      filled.put(one.getKey(), matcher.appendTail(text).toString());
    }
    return filled;
  }
}
