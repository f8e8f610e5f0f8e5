package mellow.core.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.finding.Sentence;
import mellow.core.vehicle.Side;

/**
 * What of a harness the second side cannot take from the first.
 *
 * @param differ parts that both sides have, and by what they differ: "branch: left 0.5 m, right 1.8
 *     m"
 * @param alone parts that only one side has
 * @param once parts that are there once for both sides, wires left out
 */
public record NotMirrored(List<Sentence> differ, List<Sentence> alone, List<Sentence> once) {
  private static final Map<String, String> UNITS =
      Map.of("metres", " m", "amps", " A", "ohms", " Ω", "watts", " W");
  private static final Set<String> NAMES = Set.of("id", "side", "SIDE");
  private static final Set<String> OF_NO_PLACE = Set.of("wire", "joint", "ground");

  public NotMirrored {
    differ = List.copyOf(differ);
    alone = List.copyOf(alone);
    once = List.copyOf(once);
  }

  /** Holds the sides of an answered plan against each other. */
  public static NotMirrored of(PlannedFeed feed) {
    List<Sentence> differ = new ArrayList<>();
    List<Sentence> alone = new ArrayList<>();
    List<Sentence> once = new ArrayList<>();
    for (PlannedPart part : feed.parts()) {
      if (part.factory()) {
        continue;
      }
      Optional<Side> side = side(part.id());
      if (side.isEmpty()) {
        if (!OF_NO_PLACE.contains(part.kind())) {
          once.add(Sentence.typed(part.id()));
        }
        continue;
      }
      Optional<PlannedPart> other =
          feed.part(part.id().replaceFirst(side.get().word(), side.get().other().word()));
      if (other.isEmpty()) {
        alone.add(Sentence.typed(part.id()));
      } else if (side.get() == Side.LEFT) {
        differ.addAll(differences(part, other.get()));
      }
    }
    return new NotMirrored(differ, alone, once);
  }

  private static Optional<Side> side(String id) {
    for (Side side : Side.values()) {
      if (id.startsWith(side.word() + " ")) {
        return Optional.of(side);
      }
    }
    return Optional.empty();
  }

  private static List<Sentence> differences(PlannedPart left, PlannedPart right) {
    List<Sentence> differences = new ArrayList<>();
    String name = left.id().substring(Side.LEFT.word().length()).strip();
    left.values().keySet().stream()
        .sorted()
        .filter(value -> !NAMES.contains(value))
        .filter(value -> !mirrored(left.value(value)).equals(right.value(value)))
        .forEach(
            value -> {
              String unit = UNITS.getOrDefault(value, "");
              differences.add(
                  FeedWords.sidesDiffer(name, left.value(value) + unit, right.value(value) + unit));
            });
    return differences;
  }

  private static String mirrored(String value) {
    return value
        .replace(Side.LEFT.word(), Side.RIGHT.word())
        .replace(Side.LEFT.name(), Side.RIGHT.name());
  }

  /** In words; says so where nothing is known but the trade's usual. */
  public static Sentence words(Optional<NotMirrored> known) {
    if (known.isEmpty()) {
      return FeedWords.notMirroredUsual();
    }
    NotMirrored what = known.get();
    List<Sentence> said = new ArrayList<>();
    if (!what.differ().isEmpty()) {
      said.add(FeedWords.notMirrored(what.differ()));
    }
    if (!what.alone().isEmpty()) {
      said.add(FeedWords.oneSideOnly(what.alone()));
    }
    if (!what.once().isEmpty()) {
      said.add(FeedWords.onceForBoth(what.once()));
    }
    return said.isEmpty() ? FeedWords.wiredAlike() : Sentence.inTurn(said);
  }
}
