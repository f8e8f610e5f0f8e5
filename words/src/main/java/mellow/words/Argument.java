package mellow.words;

import java.util.List;

/**
 * One argument of a message.
 *
 * @param name as it stands in the message
 * @param kind what is put there
 * @param style of a figure its quantity, else empty
 * @param options of a choice its constants in order, else empty
 */
public record Argument(String name, Kind kind, String style, List<String> options) {

  /** What is put in an argument's place. */
  public enum Kind {
    /** A number with a unit. */
    FIGURE,
    /** How many. */
    AMOUNT,
    /** One of several constants, each with words of its own in this message. */
    CHOICE,
    /** Whether something is so. */
    WHETHER,
    /** A constant's own words, or words that somebody typed. */
    WORDS,
    /** Another sentence. */
    SENTENCE,
    /** Several sentences or words. */
    LIST
  }

  public Argument {
    options = List.copyOf(options);
  }
}
