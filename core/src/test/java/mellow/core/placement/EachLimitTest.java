package mellow.core.placement;

import static mellow.core.finding.FindingAssert.assertThatFinding;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Quantity;
import mellow.core.finding.Verdict;
import mellow.core.formats.BuiltInRules;
import mellow.core.rules.PlaceRule;
import mellow.core.rules.RuleSet;
import mellow.core.vehicle.LampFunction;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every built-in rule of place: where it holds, on its limit, and where it breaks. */
class EachLimitTest {
  private static final double SIZE_MM = 80;

  static Stream<Arguments> limits() {
    return BuiltInRules.all().stream()
        .flatMap(set -> set.placeRules().stream().map(rule -> Arguments.of(set, rule)))
        .flatMap(
            one ->
                Stream.of(true, false)
                    .map(least -> Arguments.of(one.get()[0], one.get()[1], least)))
        .filter(one -> limit((PlaceRule) one.get()[1], (boolean) one.get()[2]).isPresent())
        .filter(one -> ((PlaceRule) one.get()[1]).asks().quantity() != Quantity.COUNT);
  }

  private static OptionalDouble limit(PlaceRule rule, boolean least) {
    return least ? rule.limits().lowest() : rule.limits().highest();
  }

  @ParameterizedTest(name = "{0}: {1}, at least {2}")
  @MethodSource("limits")
  void holdsInsideIsAtTheEdgeOnItAndBreaksBeyond(RuleSet set, PlaceRule rule, boolean least) {
    double limit = limit(rule, least).orElseThrow();
    double step = step(rule, limit) * (least ? 1 : -1);
    check(set, rule, limit + step, Verdict.WITHIN);
    check(set, rule, limit, Verdict.AT_EDGE);
    check(set, rule, limit - step, Verdict.OUT);
  }

  /** More than the tape or protractor can tell, and less than any band is wide. */
  private static double step(PlaceRule rule, double limit) {
    return switch (rule.asks().quantity()) {
      case LENGTH -> 4;
      case AREA -> 3;
      case DIRECTION -> 1;
      default -> limit / 100;
    };
  }

  private static void check(RuleSet set, PlaceRule rule, double value, Verdict verdict) {
    double width = narrow(rule.when().vehicleWidthMm()).orElse(1800.0);
    LampFunction function = rule.functions().iterator().next();
    LampPair pair =
        LampPair.mirrored(
            "it", function.name(), lamp(rule, function, value), spot(rule, width, value));
    LampPair dipped = Fronts.named("low", Fronts.square(LampFunction.DIPPED, 100, 640, 700));
    LampPair turn = Fronts.dimTurnSignal(200, 1000);
    Front front = new Front(width, List.of(pair, dipped, turn), List.of());
    FindingKey key = PlaceJudge.key(pair, mellow.core.vehicle.Side.LEFT, rule);
    assertThatFinding(
            PlaceSheet.of(front, List.of(set), 1).findings().stream()
                .filter(finding -> finding.key().equals(key))
                .findFirst()
                .orElseThrow())
        .is(verdict);
  }

  private static Optional<Double> narrow(PlaceRule.Span condition) {
    return condition.belowMm().isPresent()
        ? Optional.of(condition.belowMm().getAsDouble() - 10)
        : Optional.empty();
  }

  private static Lamp lamp(PlaceRule rule, LampFunction function, double value) {
    double side = rule.asks() == PlaceRule.Asks.LIT_AREA ? Math.sqrt(value * 100) : SIZE_MM;
    return new Lamp(
        function,
        List.of(new Lamp.Head(new Outline.Rectangle(side, side), 0, 0)),
        Optional.empty(),
        new Light(
            rule.asks() == PlaceRule.Asks.INTENSITY
                ? OptionalDouble.of(value)
                : OptionalDouble.empty(),
            false,
            rule.when().upperBeam().orElse(false),
            OptionalDouble.empty(),
            Optional.empty()),
        rule.asks().isOfSight() ? Optional.of(recess(value)) : Optional.empty(),
        List.of());
  }

  /** A lens 100 mm deep is seen up to an angle whose tangent is the gap beside it by 100 mm. */
  private static Recess recess(double degrees) {
    double gap = 100 * Math.tan(Math.toRadians(degrees));
    return new Recess(100, gap, gap, gap, gap);
  }

  private static Spot spot(PlaceRule rule, double width, double value) {
    double half = SIZE_MM / 2;
    return switch (rule.asks()) {
      case LOWER_EDGE_HEIGHT -> new Spot(500, value + half, 0);
      case UPPER_EDGE_HEIGHT -> new Spot(500, value - half, 0);
      case CENTRE_HEIGHT -> new Spot(500, value, 0);
      case ABOVE_DIPPED -> new Spot(500, 750 + value - half, 0);
      case OUTER_EDGE -> new Spot(width / 2 - value - half, 500, 0);
      case INNER_SPACING -> new Spot(value / 2 + half, 500, 0);
      case TURN_SIGNAL_CENTRE_GAP -> new Spot(200 + value + half, 1000, 0);
      case TURN_SIGNAL_GAP -> new Spot(200 + 50 + value + half, 1000, 0);
      case HEADING -> new Spot(500, 500, value);
      default -> new Spot(500, rule.when().centreHeightMm().fromMm().orElse(500), 0);
    };
  }
}
