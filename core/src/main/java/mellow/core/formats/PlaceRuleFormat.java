package mellow.core.formats;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Quantity;
import mellow.core.finding.Sentence;
import mellow.core.measure.LengthUnit;
import mellow.core.rules.Band;
import mellow.core.rules.PlaceRule;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.TurnCategory;

/** Reads one rule of place from its JSON form. */
final class PlaceRuleFormat {
  private PlaceRuleFormat() {}

  static PlaceRule read(JsonNode node, JsonNode setDocument) {
    PlaceRule.Asks asks = PlaceRule.Asks.valueOf(RuleSetFormat.constant(node.get("asks")));
    Set<LampFunction> functions =
        RuleSetFormat.constants(node.get("functions"), LampFunction::valueOf);
    DoubleUnaryOperator change = change(node.get("unit").asText(), asks);
    JsonNode limits = node.get("limits");
    return new PlaceRule(
        node.get("id").asText(),
        functions,
        asks,
        new Band(
            RuleSetFormat.converted(RuleSetFormat.number(limits, "least"), change),
            RuleSetFormat.converted(RuleSetFormat.number(limits, "most"), change)),
        new PlaceRule.When(
            span(node, "vehicleWidth", FormatsWords.widthContradicts()),
            span(node, "centreHeight", FormatsWords.heightContradicts()),
            Optional.ofNullable(node.get("upperBeam")).map(JsonNode::asBoolean)),
        Optional.ofNullable(node.get("unless")).map(PlaceRuleFormat::excuse),
        RuleSetFormat.source(node, setDocument));
  }

  private static DoubleUnaryOperator change(String unit, PlaceRule.Asks asks) {
    Quantity quantity =
        switch (unit) {
          case "mm", "in" -> Quantity.LENGTH;
          case "cm2" -> Quantity.AREA;
          case "cd" -> Quantity.INTENSITY;
          case "degree" -> Quantity.DIRECTION;
          default -> Quantity.COUNT;
        };
    if (quantity != asks.quantity()) {
      throw new CannotBe(FormatsWords.noUnit(unit, asks));
    }
    return unit.equals("in") ? LengthUnit.IN::toMm : value -> value;
  }

  private static PlaceRule.Span span(JsonNode rule, String field, Sentence contradiction) {
    JsonNode node = rule.path(field);
    OptionalDouble from = RuleSetFormat.number(node, "fromMm");
    OptionalDouble below = RuleSetFormat.number(node, "belowMm");
    if (from.orElse(0) >= below.orElse(Double.POSITIVE_INFINITY)) {
      throw new CannotBe(contradiction);
    }
    return new PlaceRule.Span(from, below);
  }

  private static PlaceRule.Excuse excuse(JsonNode node) {
    return new PlaceRule.Excuse(
        RuleSetFormat.number(node, "intensityMostCd"),
        node.has("goesOutWithTurnSignal"),
        RuleSetFormat.constants(node.path("turnCategories"), PlaceRuleFormat::category));
  }

  private static TurnCategory category(String name) {
    return Stream.of(TurnCategory.values())
        .filter(one -> one.words().equalsIgnoreCase(name))
        .findFirst()
        .orElseThrow();
  }
}
