package mellow.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * English with each word 40 % longer: "lamp" is "lampla". Languages differ in length, and views
 * that hold with these words hold with theirs. Nobody reads it; it is for looking and for tests.
 * The page stretches its own messages in the same way.
 */
final class Stretched {
  private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
  private static final double LONGER = 0.4;

  private Stretched() {}

  /** All messages of a language, stretched. */
  static Map<String, Map<String, Message>> all(Map<String, Map<String, Message>> features) {
    Map<String, Map<String, Message>> stretched = new TreeMap<>();
    features.forEach(
        (feature, messages) -> {
          Map<String, Message> longer = new LinkedHashMap<>();
          messages.forEach(
              (key, message) -> longer.put(key, Message.read(message(message.text()))));
          stretched.put(feature, longer);
        });
    return stretched;
  }

  /** A message whose words are longer; its arguments stay. */
  static String message(String text) {
    MessagePattern pattern = new MessagePattern(text);
    StringBuilder longer = new StringBuilder();
    Deque<Part.Type> within = new ArrayDeque<>();
    int copied = 0;
    for (int i = 0; i < pattern.countParts(); i++) {
      Part part = pattern.getPart(i);
      if (part.getIndex() < copied) {
        continue; // the number within the selector "=1"
      }
      String before = text.substring(copied, part.getIndex());
      longer.append(within.peek() == Part.Type.MSG_START ? words(before) : before);
      longer.append(text, part.getIndex(), part.getLimit());
      copied = part.getLimit();
      switch (part.getType()) {
        case MSG_START, ARG_START -> within.push(part.getType());
        case MSG_LIMIT, ARG_LIMIT -> within.pop();
        default -> {
          // a name, a selector: copied as it stands
        }
      }
    }
    return longer.toString();
  }

  /** Each word with its own beginning at its end. */
  static String words(String text) {
    return WORD.matcher(text).replaceAll(Stretched::longer);
  }

  private static String longer(MatchResult word) {
    int more = (int) Math.ceil(word.group().length() * LONGER);
    return word.group() + word.group().substring(0, more).toLowerCase(Locale.ROOT);
  }
}
