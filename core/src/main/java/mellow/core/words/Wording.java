package mellow.core.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.words.Message;

/**
 * A message of one language, made ready once. Where nothing in it is counted or chosen, as in most,
 * its arguments are put between its pieces; the others are left to the library, which takes many
 * times as long and works for one at a time.
 */
final class Wording {
  private final List<Slot> slots;
  private final Optional<Plain> plain;
  private final MessageFormat format;

  private Wording(List<Slot> slots, Optional<Plain> plain, MessageFormat format) {
    this.slots = slots;
    this.plain = plain;
    this.format = format;
  }

  /**
   * An argument.
   *
   * @param wordsName under which its words are put in
   * @param saysWords whether they stand in the message; a constant may only be chosen by
   */
  record Slot(String name, String wordsName, boolean saysWords) {}

  static Wording of(Message message, ULocale locale) {
    List<Slot> slots =
        message.arguments().keySet().stream()
            .map(name -> new Slot(name, Message.wordsOf(name), message.saysWordsOf(name)))
            .toList();
    return new Wording(slots, Plain.of(message.bare()), new MessageFormat(message.bare(), locale));
  }

  /** In the order of the message. */
  List<Slot> slots() {
    return slots;
  }

  String filled(Map<String, Object> arguments) {
    if (plain.isPresent() && plain.get().takes(arguments)) {
      return plain.get().filled(arguments);
    }
    synchronized (format) {
      return format.format(arguments);
    }
  }

  /**
   * A message in which nothing is counted or chosen.
   *
   * @param pieces one more than there are names between them
   */
  private record Plain(List<String> pieces, List<String> names) {

    static Optional<Plain> of(String text) {
      MessagePattern pattern = new MessagePattern(text);
      List<String> pieces = new ArrayList<>();
      List<String> names = new ArrayList<>();
      StringBuilder piece = new StringBuilder();
      int copied = 0;
      for (int i = 0; i < pattern.countParts(); i++) {
        Part part = pattern.getPart(i);
        piece.append(text, copied, part.getIndex());
        copied = part.getLimit();
        if (part.getType() == Part.Type.INSERT_CHAR) {
          piece.append((char) part.getValue());
        } else if (part.getType() == Part.Type.ARG_START) {
          if (part.getArgType() != ArgType.NONE) {
            return Optional.empty();
          }
          pieces.add(piece.toString());
          piece.setLength(0);
          names.add(pattern.getSubstring(pattern.getPart(i + 1)));
          i = pattern.getLimitPartIndex(i);
          copied = pattern.getPart(i).getLimit();
        }
      }
      pieces.add(piece.toString());
      return Optional.of(new Plain(List.copyOf(pieces), List.copyOf(names)));
    }

    /** Numbers are written as the language writes them: that is the library's. */
    boolean takes(Map<String, Object> arguments) {
      for (String name : names) {
        if (!(arguments.get(name) instanceof String)) {
          return false;
        }
      }
      return true;
    }

    String filled(Map<String, Object> arguments) {
      if (names.isEmpty()) {
        return pieces.get(0);
      }
      StringBuilder text = new StringBuilder(pieces.get(0));
      for (int i = 0; i < names.size(); i++) {
        text.append(arguments.get(names.get(i))).append(pieces.get(i + 1));
      }
      return text.toString();
    }
  }
}
