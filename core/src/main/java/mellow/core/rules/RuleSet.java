package mellow.core.rules;

import java.util.List;
import java.util.OptionalDouble;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.TrafficSide;

/**
 * All rules of one market, inspection or shop.
 *
 * @param id short name: "un-r48"
 * @param version counts up with each change
 * @param title as shown: "UN R48, cars and vans"
 * @param scope where it holds, one sentence
 * @param usualTraffic the side of traffic proposed with it
 * @param aimRules the rules of vertical aim
 */
public record RuleSet(
    String id,
    int version,
    String title,
    String scope,
    TrafficSide usualTraffic,
    List<AimRule> aimRules) {
  public RuleSet {
    aimRules = List.copyOf(aimRules);
  }

  /** What the set says about a lamp: a rule, a question, or nothing. */
  public sealed interface Answer {
    /** This rule holds. */
    record Holds(AimRule rule) implements Answer {}

    /** The rule depends on a height that was not measured. */
    record Needs(HeightCondition.HeightOf height) implements Answer {}

    /** The set has no rule for such a lamp. */
    record Silent() implements Answer {}
  }

  /** The rule of aim for a lamp. A maker's choice is heeded only where the rules know of one. */
  public Answer aimRuleFor(LampFacts lamp) {
    List<AimRule> forClass =
        aimRules.stream().filter(rule -> rule.classes().contains(lamp.beamClass())).toList();
    for (AimRule rule : forClass) {
      if (rule.height().isPresent() && rule.height().get().heightMm(lamp).isEmpty()) {
        return new Answer.Needs(rule.height().get().of());
      }
    }
    List<AimRule> holding = forClass.stream().filter(rule -> heightHolds(rule, lamp)).toList();
    return holding.stream()
        .filter(rule -> rule.byMakersChoice() == lamp.steeperByMaker())
        .findFirst()
        .or(() -> holding.stream().filter(rule -> !rule.byMakersChoice()).findFirst())
        .<Answer>map(Answer.Holds::new)
        .orElseGet(Answer.Silent::new);
  }

  private static boolean heightHolds(AimRule rule, LampFacts lamp) {
    if (rule.height().isEmpty()) {
      return true;
    }
    OptionalDouble height = rule.height().get().heightMm(lamp);
    return height.isPresent() && rule.height().get().holdsFor(height.getAsDouble());
  }
}
