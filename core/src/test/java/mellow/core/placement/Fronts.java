package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.finding.Finding;
import mellow.core.formats.BuiltInRules;
import mellow.core.rules.RuleSet;
import mellow.core.subject.Subject;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import mellow.core.vehicle.TurnCategory;

/** Fronts to judge. */
public final class Fronts {
  static final double TAPE_MM = 1;

  private Fronts() {}

  public static RuleSet rules(String id) {
    return BuiltInRules.byId(id).orElseThrow();
  }

  /** A pair of square lamps of the given size with their middle there. */
  public static LampPair square(
      LampFunction function, double sizeMm, double outMm, double heightMm) {
    return LampPair.mirrored(
        "it",
        function.name(),
        Lamp.of(function, new Outline.Rectangle(sizeMm, sizeMm)),
        new Spot(outMm, heightMm, 0));
  }

  /** Turn signals 100 mm square, of the dimmest category: nothing is excused by them. */
  public static LampPair dimTurnSignal(double outMm, double heightMm) {
    LampPair plain = square(LampFunction.TURN, 100, outMm, heightMm);
    Light dimmest =
        new Light(
            OptionalDouble.empty(),
            false,
            false,
            OptionalDouble.empty(),
            Optional.of(TurnCategory.ONE));
    Lamp lamp =
        new Lamp(
            LampFunction.TURN,
            plain.lamp().heads(),
            Optional.empty(),
            dimmest,
            Optional.empty(),
            List.of());
    return new LampPair("turn", "turn signal", lamp, plain.spots());
  }

  public static LampPair named(String id, LampPair pair) {
    return new LampPair(id, pair.name(), pair.lamp(), pair.spots());
  }

  public static Front front(double widthMm, LampPair... pairs) {
    return new Front(widthMm, List.of(pairs), List.of());
  }

  /** The finding of a rule on the pair called "it" as a whole. */
  static Optional<Finding> find(Front front, String rule, String... sets) {
    return find(front, rule, Optional.empty(), sets);
  }

  private static Optional<Finding> find(
      Front front, String rule, Optional<Side> side, String... sets) {
    return PlaceSheet.of(front, List.of(sets).stream().map(Fronts::rules).toList(), TAPE_MM)
        .findings()
        .stream()
        .filter(finding -> finding.answers("place." + rule))
        .filter(finding -> isOfIt(finding.subject().lamp().orElseThrow(), side))
        .findFirst();
  }

  private static boolean isOfIt(Subject.Lamp lamp, Optional<Side> side) {
    return lamp.which().equals("it") && lamp.side().equals(side);
  }

  static Finding finding(Front front, String rule, String... sets) {
    return find(front, rule, sets).orElseThrow(() -> new AssertionError("no finding " + rule));
  }

  /** The finding of a rule on one lamp of the pair called "it". */
  static Finding finding(Front front, String rule, Side side, String... sets) {
    return find(front, rule, Optional.of(side), sets)
        .orElseThrow(() -> new AssertionError("no finding " + rule));
  }
}
