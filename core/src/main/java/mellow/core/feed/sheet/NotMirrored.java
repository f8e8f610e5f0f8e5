package mellow.core.feed.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellow.core.feed.FeedWords;
import mellow.core.feed.JointPlan;
import mellow.core.feed.PlannedFeed;
import mellow.core.feed.PlannedPart;
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

  /** What may differ between the sides; where a part is joined does so always. */
  private static final List<String> COMPARED =
      List.of(
          "amps", "candela", "colour", "metres", "mount", "ohms", "rating", "size", "type",
          "watts");

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
    Map<Place, List<PlannedPart>> sided = new LinkedHashMap<>();
    for (PlannedPart part : feed.parts()) {
      if (part.factory()) {
        continue;
      }
      if (part.side().isPresent()) {
        Place place = new Place(part.tag(), part.name(), part.side().get());
        sided.computeIfAbsent(place, none -> new ArrayList<>()).add(part);
      } else if (!OF_NO_PLACE.contains(part.kind())) {
        once.add(Sentence.typed(part.id()));
      }
    }
    sided.forEach(
        (place, parts) -> {
          List<PlannedPart> there = sided.getOrDefault(place.opposite(), List.of());
          parts.stream().skip(there.size()).forEach(part -> alone.add(Sentence.typed(part.id())));
          if (place.side() == Side.LEFT) {
            for (int i = 0; i < Math.min(parts.size(), there.size()); i++) {
              String number = parts.size() > 1 ? " " + (i + 1) : "";
              differ.addAll(differences(place.name() + number, parts.get(i), there.get(i)));
            }
          }
        });
    return new NotMirrored(differ, alone, once);
  }

  /** Where the parts of one block of one plan are. */
  private record Place(String tag, String part, Side side) {
    Place opposite() {
      return new Place(tag, part, side.other());
    }

    /** What they are called, whichever side they are on. */
    String name() {
      return tag.isEmpty() ? part : part + " " + JointPlan.number(tag);
    }
  }

  private static List<Sentence> differences(String name, PlannedPart left, PlannedPart right) {
    return COMPARED.stream()
        .filter(value -> !left.value(value).equals(right.value(value)))
        .map(
            value -> {
              String unit = UNITS.getOrDefault(value, "");
              return FeedWords.sidesDiffer(
                  name, left.value(value) + unit, right.value(value) + unit);
            })
        .toList();
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
