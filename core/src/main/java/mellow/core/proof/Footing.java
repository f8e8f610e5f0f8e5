package mellow.core.proof;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import mellow.core.circuit.Emitter;
import mellow.core.circuit.check.LampPath;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;

/**
 * What a proof of a lamp stands on: the new and the changed parts that its light depends on, and
 * the taps on its wires. It is the same text for the same parts, so that a change of others leaves
 * it.
 */
final class Footing {
  /** Nothing that the lamp depends on is new to the vehicle. */
  static final String VEHICLE = "vehicle";

  private static final Set<String> TAPS = Set.of("clip", "tap");
  private static final Set<String> NOT_THE_LAMPS = Set.of("feeds", "guardAmps");
  private static final int LETTERS = 16;

  private Footing() {}

  static String of(PlannedFeed feed, Emitter lamp) {
    LampPath path = LampPath.of(feed.circuit(), lamp);
    List<String> parts =
        feed.parts().stream()
            .filter(part -> path.parts().contains(part.id()) || tapsInto(part, path))
            .filter(part -> !part.factory() || feed.changes().containsKey(part.id()))
            .map(part -> part.kind() + electrical(part.values()))
            .sorted()
            .toList();
    return parts.isEmpty() ? VEHICLE : digest(String.join("\n", parts));
  }

  /** What else hangs on a slot, and which fuse guards it, changes nothing for the lamp. */
  private static Map<String, String> electrical(Map<String, String> values) {
    Map<String, String> electrical = new TreeMap<>(values);
    electrical.keySet().removeAll(NOT_THE_LAMPS);
    return electrical;
  }

  private static boolean tapsInto(PlannedPart part, LampPath path) {
    return TAPS.contains(part.kind())
        && part.part().branches().stream()
            .flatMap(branch -> Stream.of(branch.from(), branch.to()))
            .anyMatch(path.nodes()::contains);
  }

  private static String digest(String text) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest).substring(0, LETTERS);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
