package mellow.core.subject;

import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;

/**
 * The text form of subjects: the kind's word, then the parts, each after a colon and with whatever
 * is no letter or digit as in an address ({@code %20}); empty parts at the end are left out.
 */
public final class SubjectText {
  private static final String FRONT = "FRONT";
  private static final String REAR = "REAR";

  private SubjectText() {}

  static String end(boolean front) {
    return front ? FRONT : REAR;
  }

  static String of(Subject subject) {
    List<String> parts = subject.parts();
    int said = parts.size();
    while (said > 0 && parts.get(said - 1).isEmpty()) {
      said--;
    }
    StringBuilder text = new StringBuilder(subject.kind().word());
    for (String part : parts.subList(0, said)) {
      text.append(':').append(escaped(part));
    }
    return text.toString();
  }

  private static String escaped(String part) {
    for (int i = 0; i < part.length(); i++) {
      if (!isPlain(part.charAt(i))) {
        return URLEncoder.encode(part, StandardCharsets.UTF_8).replace("+", "%20");
      }
    }
    return part;
  }

  /** What an address leaves as it is, and most parts are made of. */
  private static boolean isPlain(char letter) {
    return letter >= 'a' && letter <= 'z'
        || letter >= 'A' && letter <= 'Z'
        || letter >= '0' && letter <= '9'
        || letter == '_';
  }

  /**
   * The subject that a text form stands for.
   *
   * @throws IllegalArgumentException where it stands for none
   */
  public static Subject parse(String text) {
    List<String> words = Arrays.asList(text.split(":", -1));
    SubjectKind kind =
        Arrays.stream(SubjectKind.values())
            .filter(one -> one.word().equals(words.get(0)))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no subject: " + text));
    Parts parts =
        new Parts(
            text,
            words.stream()
                .skip(1)
                .map(word -> URLDecoder.decode(word, StandardCharsets.UTF_8))
                .toList());
    if (kind.isNamed()) {
      return kind.named(parts.at(0));
    }
    if (kind.isWithin()) {
      return kind.within(parts.at(0), parts.at(1));
    }
    return switch (kind) {
      case JOB -> Subject.Job.WHOLE;
      case VEHICLE -> Subject.Vehicle.WHOLE;
      case BAY -> Subject.Bay.HERE;
      case AXLE -> new Subject.Axle(parts.front());
      case WHEEL -> new Subject.Wheel(parts.front(), parts.side(1));
      case FLOOR_POINT -> new Subject.FloorPoint(parts.at(0), parts.side(1));
      case LAMP -> parts.lamp();
      case SURFACE -> new Subject.Surface(parts.lamp(), parts.at(3));
      case SCREW -> new Subject.Screw(parts.function(), parts.side(1), parts.at(2));
      default -> throw new IllegalArgumentException("no subject: " + text);
    };
  }

  /** The parts of a text form, as what they stand for. */
  private record Parts(String text, List<String> words) {
    String at(int index) {
      return index < words.size() ? words.get(index) : "";
    }

    boolean front() {
      if (!at(0).equals(FRONT) && !at(0).equals(REAR)) {
        throw new IllegalArgumentException("neither front nor rear: " + text);
      }
      return at(0).equals(FRONT);
    }

    Side side(int index) {
      return Side.valueOf(at(index));
    }

    LampFunction function() {
      return LampFunction.valueOf(at(0));
    }

    Subject.Lamp lamp() {
      return new Subject.Lamp(
          function(), at(1).isEmpty() ? Optional.empty() : Optional.of(side(1)), at(2));
    }
  }
}
