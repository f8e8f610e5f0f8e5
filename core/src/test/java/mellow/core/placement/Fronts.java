package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import mellow.core.finding.Finding;
import mellow.core.formats.BuiltInRules;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;

/** Fronts to judge. */
final class Fronts {
  static final double TAPE_MM = 1;

  private Fronts() {}

  static RuleSet rules(String id) {
    return BuiltInRules.byId(id).orElseThrow();
  }

  /** A pair of square lamps of the given size with their middle there. */
  static LampPair square(LampFunction function, double sizeMm, double outMm, double heightMm) {
    return LampPair.mirrored(
        "it",
        function.words(),
        Lamp.of(function, new Outline.Rectangle(sizeMm, sizeMm)),
        new Spot(outMm, heightMm, 0));
  }

  static LampPair named(String id, LampPair pair) {
    return new LampPair(id, pair.name(), pair.lamp(), pair.spots());
  }

  static Front front(double widthMm, LampPair... pairs) {
    return new Front(widthMm, List.of(pairs), List.of());
  }

  static Optional<Finding> find(Front front, String id, String... sets) {
    return PlaceSheet.of(front, List.of(sets).stream().map(Fronts::rules).toList(), TAPE_MM)
        .findings()
        .stream()
        .filter(finding -> finding.id().equals("place.it." + id))
        .findFirst();
  }

  static Finding finding(Front front, String id, String... sets) {
    return find(front, id, sets).orElseThrow(() -> new AssertionError("no finding " + id));
  }
}
