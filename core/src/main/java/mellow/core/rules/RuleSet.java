package mellow.core.rules;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Source;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.MarkFamily;
import mellow.core.vehicle.TrafficSide;
import mellow.core.vehicle.VehicleClass;

/**
 * All rules of one market, inspection or shop.
 *
 * @param id short name: "un-r48"
 * @param version counts up with each change
 * @param title as shown: "UN R48, cars and vans"
 * @param scope where it holds, one sentence
 * @param usualTraffic the side of traffic proposed with it
 * @param vehicleClasses the vehicles it is made for; empty where its text names none
 * @param nation the nation whose text it is, two letters; empty where several share it
 * @param marks the family of lens marks that its market goes by; empty where it holds for any
 * @param aside how far a step may stand aside; empty where its text sets no limit
 * @param aimRules the rules of vertical aim; empty where it has none
 * @param placeRules the rules of place; empty where it has none
 */
public record RuleSet(
    String id,
    int version,
    String title,
    String scope,
    TrafficSide usualTraffic,
    Set<VehicleClass> vehicleClasses,
    Optional<String> nation,
    Optional<MarkFamily> marks,
    Optional<AsideRule> aside,
    List<AimRule> aimRules,
    List<PlaceRule> placeRules) {
  public RuleSet {
    vehicleClasses = Set.copyOf(vehicleClasses);
    aimRules = List.copyOf(aimRules);
    placeRules = List.copyOf(placeRules);
  }

  /**
   * Whether it may be asked beside another: by the same lens marks, and of the same nation where it
   * is one nation's.
   */
  public boolean isOfTheMarketOf(RuleSet other) {
    boolean sameMarks = marks.isEmpty() || marks.equals(other.marks());
    return sameMarks && (nation.isEmpty() || nation.equals(other.nation()));
  }

  /** Where it stands which vehicles the set is for. */
  Source scopeSource() {
    Source first = placeRules.isEmpty() ? aimRules.get(0).source() : placeRules.get(0).source();
    return new Source(first.mark(), title + ", scope");
  }

  /** The rules of place for such a lamp on a vehicle of such a width. */
  public List<PlaceRule> placeRulesFor(LampFunction function, double vehicleWidthMm) {
    return placeRules.stream().filter(rule -> rule.isFor(function, vehicleWidthMm)).toList();
  }

  /** The set with the mark lifted of each rule that was confirmed in this version. */
  RuleSet confirmed(Collection<Confirmation> all) {
    Map<String, Confirmation> byRule =
        all.stream()
            .filter(one -> one.setId().equals(id) && one.setVersion() == version)
            .collect(Collectors.toMap(Confirmation::ruleId, one -> one, (one, later) -> later));
    return byRule.isEmpty()
        ? this
        : new RuleSet(
            id,
            version,
            title,
            scope,
            usualTraffic,
            vehicleClasses,
            nation,
            marks,
            aside,
            aimRules.stream().map(rule -> rule.confirmed(byRule.get(rule.id()))).toList(),
            placeRules.stream().map(rule -> rule.confirmed(byRule.get(rule.id()))).toList());
  }

  /** What the set says about a lamp: a rule, a question, or nothing. */
  public sealed interface Answer {
    /** This rule holds. */
    record Holds(AimRule rule) implements Answer {}

    /** The rule depends on a height that was not measured. */
    record Needs(HeightCondition.HeightOf height) implements Answer {}

    /** What the lens says decides which rule holds, and nobody has read it. */
    record Unread() implements Answer {}

    /**
     * The set has no rule for such a lamp.
     *
     * @param ofHeight it has one at another height
     */
    record Silent(boolean ofHeight) implements Answer {}
  }

  /** The rule of aim for a lamp. A maker's choice is heeded only where the rules know of one. */
  public Answer aimRuleFor(LampFacts lamp) {
    if (lamp.beamClass() == BeamClass.DIPPED_UNREAD) {
      return new Answer.Unread();
    }
    Optional<AimRule> usual = Optional.empty();
    Optional<AimRule> steeper = Optional.empty();
    for (AimRule rule : aimRules) {
      if (!rule.classes().contains(lamp.beamClass())) {
        continue;
      }
      if (rule.height().isPresent()) {
        HeightCondition condition = rule.height().get();
        OptionalDouble height = condition.heightMm(lamp);
        if (height.isEmpty()) {
          return new Answer.Needs(condition.of());
        }
        if (!condition.holdsFor(height.getAsDouble())) {
          continue;
        }
      }
      if (rule.byMakersChoice()) {
        steeper = steeper.or(() -> Optional.of(rule));
      } else {
        usual = usual.or(() -> Optional.of(rule));
      }
    }
    Optional<AimRule> holds = lamp.steeperByMaker() && steeper.isPresent() ? steeper : usual;
    return holds.isPresent()
        ? new Answer.Holds(holds.get())
        : new Answer.Silent(
            aimRules.stream().anyMatch(rule -> rule.classes().contains(lamp.beamClass())));
  }
}
