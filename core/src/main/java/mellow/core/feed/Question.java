package mellow.core.feed;

import java.util.List;
import java.util.Map;
import mellow.core.harness.WireSize;

/**
 * What a plan asks.
 *
 * @param id names it in the plan's blocks
 * @param asks in words
 * @param usual the answer to begin with
 * @param behaviour whether another answer makes the lamps behave otherwise, and so is tried when a
 *     plan is looked for
 * @param hint what tells the answers apart; may be empty
 * @param opens what is not known yet while the answer is {@link #UNKNOWN}; may be empty
 * @param onlyIf when it is asked at all
 * @param tag of the plan that asks it, where that stands beside another; empty where it does not
 */
public record Question(
    String id,
    String asks,
    Kind kind,
    String usual,
    boolean behaviour,
    String hint,
    String opens,
    Condition onlyIf,
    String tag) {
  /** The answer of somebody who has not looked yet. */
  public static final String UNKNOWN = "unknown";

  /** What an answer may be. */
  public sealed interface Kind {
    /**
     * A number.
     *
     * @param unit shown behind it: "m", "A", "W", "%"
     */
    record Number(String unit, double least, double most) implements Kind {}

    /** One of several. */
    record Choice(List<Option> options) implements Kind {
      public Choice {
        options = List.copyOf(options);
      }
    }

    /** A size of wire by its name: "1.5 mm²", "AWG 14". */
    record Wire() implements Kind {}

    /** A name that people give: of a slot. */
    record Text() implements Kind {
      static final int LONGEST = 60;
    }
  }

  /** An answer to choose. */
  public record Option(String value, String says) {}

  /** The same question of a plan that stands beside another. */
  Question of(String newTag, Map<String, String> names) {
    return new Question(
        names.getOrDefault(id, id),
        asks,
        kind,
        usual,
        behaviour,
        hint,
        opens,
        onlyIf.renamed(names),
        newTag);
  }

  /** Whether an answer can be. */
  public boolean takes(String answer) {
    try {
      check(answer);
      return true;
    } catch (FeedProblem cannotBe) {
      return false;
    }
  }

  /** Refuses an answer that cannot be. */
  void check(String answer) throws FeedProblem {
    if (kind instanceof Kind.Number number) {
      double value = Values.number(id, answer);
      if (!(value >= number.least()) || value > number.most()) {
        throw new FeedProblem(
            id,
            FeedWords.outsideRange(
                asks,
                Values.shown(number.least()),
                Values.shown(number.most()),
                number.unit(),
                answer));
      }
    } else if (kind instanceof Kind.Choice choice) {
      if (choice.options().stream().noneMatch(option -> option.value().equals(answer))) {
        throw new FeedProblem(id, FeedWords.noAnswer(asks, answer));
      }
    } else if (kind instanceof Kind.Text) {
      if (answer.isBlank()
          || answer.length() > Kind.Text.LONGEST
          || answer.chars().anyMatch(Character::isISOControl)) {
        throw new FeedProblem(id, FeedWords.nameLength(asks, Kind.Text.LONGEST));
      }
    } else if (WireSize.named(answer).isEmpty()) {
      throw new FeedProblem(id, FeedWords.noWireAsked(asks, answer));
    }
  }
}
