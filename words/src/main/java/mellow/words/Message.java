package mellow.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One message of a language.
 *
 * @param text in ICU's syntax
 * @param bare the same as it is formatted: each figure is a plain argument, since its text is put
 *     in, and a word has a name of its own, since the same constant may also be chosen by
 * @param arguments by name, in the order in which they first stand
 */
public record Message(String text, String bare, Map<String, Argument> arguments) {
  /** A list of which one is enough: "white or yellow". */
  public static final String ANY_OF = "OrList";

  /** A list whose entries may have commas of their own: "a, b; c". */
  public static final String ROWS = "RowList";

  private static final String WHETHER = "yes";
  private static final String OTHER = "other";

  /**
   * Reads a message.
   *
   * @throws IllegalArgumentException where it is not well formed, with what is wrong
   */
  public static Message read(String text) {
    MessagePattern pattern = new MessagePattern(text);
    Map<String, Argument> arguments = new LinkedHashMap<>();
    StringBuilder bare = new StringBuilder();
    int copied = 0;
    for (int i = 0; i < pattern.countParts(); i++) {
      Part part = pattern.getPart(i);
      if (part.getType() != Part.Type.ARG_START) {
        continue;
      }
      Argument argument = argument(pattern, i);
      Argument before = arguments.putIfAbsent(argument.name(), argument);
      if (argument.kind() == Argument.Kind.CHOICE) {
        arguments.put(argument.name(), argument);
      }
      if (before != null && !isSame(before, argument)) {
        throw new IllegalArgumentException("“" + argument.name() + "” is two things");
      }
      if (argument.kind() == Argument.Kind.FIGURE || argument.kind() == Argument.Kind.WORDS) {
        String name =
            argument.kind() == Argument.Kind.WORDS ? wordsOf(argument.name()) : argument.name();
        bare.append(text, copied, part.getIndex()).append('{').append(name).append('}');
        copied = pattern.getPart(pattern.getLimitPartIndex(i)).getLimit();
      }
    }
    bare.append(text, copied, text.length());
    return new Message(text, bare.toString(), arguments);
  }

  /** A constant may be chosen by and stand for its own words; no choice has to name all of them. */
  private static boolean isSame(Argument one, Argument other) {
    List<Argument.Kind> constant = List.of(Argument.Kind.CHOICE, Argument.Kind.WORDS);
    return one.equals(other) || constant.contains(one.kind()) && constant.contains(other.kind());
  }

  /** The name under which the words of an argument are put into {@link #bare}. */
  public static String wordsOf(String name) {
    return name + "Words";
  }

  /** Whether the words of an argument stand in it; a constant may only be chosen by. */
  public boolean saysWordsOf(String name) {
    return bare.contains("{" + wordsOf(name) + "}");
  }

  private static Argument argument(MessagePattern pattern, int start) {
    String name = pattern.getSubstring(pattern.getPart(start + 1));
    ArgType type = pattern.getPart(start).getArgType();
    return switch (type) {
      case NONE -> new Argument(name, words(name), "", List.of());
      case SIMPLE -> figure(pattern, start, name);
      case PLURAL -> new Argument(name, Argument.Kind.AMOUNT, "", List.of());
      case SELECT -> choice(name, options(pattern, start));
      default -> throw new IllegalArgumentException("“" + name + "” is a " + type);
    };
  }

  private static Argument.Kind words(String name) {
    if (name.endsWith("Sentence")) {
      return Argument.Kind.SENTENCE;
    }
    return name.endsWith("List") ? Argument.Kind.LIST : Argument.Kind.WORDS;
  }

  private static Argument figure(MessagePattern pattern, int start, String name) {
    String type = pattern.getSubstring(pattern.getPart(start + 2));
    Part style = pattern.getPart(start + 3);
    if (!type.equals("number") || style.getType() != Part.Type.ARG_STYLE) {
      throw new IllegalArgumentException("“" + name + "” has no quantity: {name, number, length}");
    }
    return new Argument(name, Argument.Kind.FIGURE, pattern.getSubstring(style).strip(), List.of());
  }

  private static Argument choice(String name, List<String> options) {
    return options.equals(List.of(WHETHER))
        ? new Argument(name, Argument.Kind.WHETHER, "", List.of())
        : new Argument(name, Argument.Kind.CHOICE, "", options);
  }

  private static List<String> options(MessagePattern pattern, int start) {
    List<String> options = new ArrayList<>();
    int limit = pattern.getLimitPartIndex(start);
    for (int i = start + 2; i < limit; i++) {
      Part part = pattern.getPart(i);
      if (part.getType() == Part.Type.ARG_SELECTOR) {
        Optional.of(pattern.getSubstring(part))
            .filter(one -> !one.equals(OTHER))
            .ifPresent(options::add);
        i = pattern.getLimitPartIndex(i + 1);
      }
    }
    return options;
  }
}
