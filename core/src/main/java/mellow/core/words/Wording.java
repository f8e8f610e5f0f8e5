package mellow.core.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellow.core.finding.MessageKey;
import mellow.words.Message;
import org.jspecify.annotations.Nullable;

/**
 * A message of one language, made ready once. Where nothing in it is counted, as in most, it is put
 * together from its pieces; the others are left to the library, which takes many times as long and
 * works for one at a time.
 */
final class Wording {
  private final List<Slot> slots;
  private final Optional<Pieces> pieces;
  private final MessageFormat format;

  private Wording(List<Slot> slots, Optional<Pieces> pieces, MessageFormat format) {
    this.slots = slots;
    this.pieces = pieces;
    this.format = format;
  }

  /**
   * An argument.
   *
   * @param argument its place among those of the key; -1 where that has none of the name
   * @param wordsName under which its words are put in
   * @param saysWords whether they stand in the message; a constant may only be chosen by
   */
  record Slot(int argument, String name, String wordsName, boolean saysWords) {}

  static Wording of(MessageKey key, Message message, ULocale locale) {
    List<Slot> slots =
        message.arguments().keySet().stream()
            .map(
                name ->
                    new Slot(
                        key.names().indexOf(name),
                        name,
                        Message.wordsOf(name),
                        message.saysWordsOf(name)))
            .toList();
    return new Wording(
        slots, Pieces.of(message.bare(), slots), new MessageFormat(message.bare(), locale));
  }

  /** In the order of the message. */
  List<Slot> slots() {
    return slots;
  }

  /** The message with what stands in each slot; there are as many fillings as slots. */
  String filled(Filling[] fillings) {
    if (pieces.isPresent()) {
      return pieces.get().filled(fillings);
    }
    Map<String, @Nullable Object> arguments = new HashMap<>();
    for (int i = 0; i < fillings.length; i++) {
      arguments.put(slots.get(i).name(), fillings[i].value());
      arguments.put(slots.get(i).wordsName(), fillings[i].words());
    }
    synchronized (format) {
      return format.format(arguments);
    }
  }

  /**
   * What stands in a slot.
   *
   * @param value what is put in, counted or chosen by
   * @param words of a constant, or typed ones
   */
  record Filling(@Nullable Object value, @Nullable String words) {}
}
