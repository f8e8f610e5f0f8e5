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
 * @param tag of the plan that it came with, where it stands beside another; empty where it does not
 */
public record Block(
    Map<String, String> values, Condition onlyIf, boolean bothSides, boolean factory, String tag) {
  private static final Pattern ANSWER = Pattern.compile("\\{(\\w+)}");

  /** How many alike there are, one beside the other on the same wire. */
  private static final String TIMES = "times";

  /** A value that the parts of a block on both sides have: which side each is on. */
  static final String ON_SIDE = "onSide";

  private static final int MOST_TIMES = 24;
  private static final Pattern SIDE_OR_NUMBER = Pattern.compile("\\{side} |\\{nth}");

  public Block {
    values = Map.copyOf(values);
    if (!values.containsKey("kind") || !values.containsKey("id")) {
      throw new IllegalArgumentException("a block has a kind and an id");
    }
  }

  public String kind() {
    return values.getOrDefault("kind", "");
  }

  /** The name of a question of a plan that stands beside another. */
  static String tagged(String tag, String question) {
    return tag.isEmpty() ? question : tag + "_" + question;
  }

  /** Whether one of its values is the answer to a question. */
  public boolean takes(String value, String question) {
    String answer = values.getOrDefault(value, "");
    return answer.startsWith("{")
        && answer.endsWith("}")
        && tagged(tag, answer.substring(1, answer.length() - 1)).equals(question);
  }

  /** What its parts are called, whichever side they are on. */
  String name() {
    return SIDE_OR_NUMBER.matcher(values.getOrDefault("id", "")).replaceAll("");
  }

  /** The same block of a plan that stands beside another. */
  Block of(String newTag) {
    return new Block(values, onlyIf, bothSides, factory, newTag);
  }

  /** The parts that it stands for, with the answers filled in. */
  List<Map<String, String>> filled(Map<String, String> given) throws FeedProblem {
    Map<String, String> answers = ofItsPlan(given);
    if (!onlyIf.holds(answers)) {
      return List.of();
    }
    List<Map<String, String>> all = new ArrayList<>();
    for (Map<String, String> one : sides(answers)) {
      double times = Values.number(TIMES, filled(values.getOrDefault(TIMES, "1"), one));
      if (!(times >= 1) || times > MOST_TIMES) {
        throw new FeedProblem(name(), FeedWords.times(MOST_TIMES, name()));
      }
      for (int nth = 1; nth <= times; nth++) {
        Map<String, String> counted = new LinkedHashMap<>(one);
        counted.put("nth", times < 2 ? "" : " " + nth);
        all.add(filledOnce(counted));
      }
    }
    return all;
  }

  /** The answers by the names that its own plan has for the questions. */
  private Map<String, String> ofItsPlan(Map<String, String> given) {
    if (tag.isEmpty()) {
      return given;
    }
    Map<String, String> answers = new LinkedHashMap<>(given);
    String prefix = tagged(tag, "");
    given.forEach(
        (question, answer) -> {
          if (question.startsWith(prefix)) {
            answers.put(question.substring(prefix.length()), answer);
          }
        });
    return answers;
  }

  private List<Map<String, String>> sides(Map<String, String> answers) {
    if (!bothSides) {
      return List.of(answers);
    }
    List<Map<String, String>> both = new ArrayList<>();
    for (Side side : Side.values()) {
      Map<String, String> sided = new LinkedHashMap<>(answers);
      boolean near = side.name().equals(answers.getOrDefault("harnessSide", "LEFT"));
      sided.put("side", side.word());
      sided.put("SIDE", side.name());
      sided.put("branch", answers.getOrDefault(near ? "nearMetres" : "farMetres", "1"));
      both.add(sided);
    }
    return both;
  }

  private Map<String, String> filledOnce(Map<String, String> answers) throws FeedProblem {
    Map<String, String> filled = new LinkedHashMap<>();
    for (Map.Entry<String, String> one : values.entrySet()) {
      if (!one.getKey().equals(TIMES)) {
        filled.put(one.getKey(), filled(one.getValue(), answers));
      }
    }
    if (bothSides) {
      filled.put(ON_SIDE, answers.getOrDefault("SIDE", ""));
    }
    return filled;
  }

  private String filled(String value, Map<String, String> answers) throws FeedProblem {
    Matcher matcher = ANSWER.matcher(value);
    StringBuilder text = new StringBuilder();
    while (matcher.find()) {
      String answer = answers.get(matcher.group(1));
      if (answer == null) {
        throw new FeedProblem(
            String.valueOf(values.get("id")), FeedWords.notAsked(matcher.group(1)));
      }
      matcher.appendReplacement(text, Matcher.quoteReplacement(answer));
    }
    return matcher.appendTail(text).toString();
  }
}
