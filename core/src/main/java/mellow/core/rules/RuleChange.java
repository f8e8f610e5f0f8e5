package mellow.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * A local rule set: a named change over another.
 *
 * @param id its short name
 * @param version counts up with each change
 * @param over the set that is changed
 * @param reason why
 * @param off ids of rules that do not hold here
 * @param aim rules of aim that take the place of those with their ids, or are added
 * @param place the same for rules of place
 */
public record RuleChange(
    String id,
    int version,
    String title,
    String over,
    String reason,
    List<String> off,
    List<AimRule> aim,
    List<PlaceRule> place) {
  public RuleChange {
    off = List.copyOf(off);
    aim = List.copyOf(aim);
    place = List.copyOf(place);
  }

  /**
   * The set that it makes of its base.
   *
   * @throws RuleProblem where it switches off what is not there, or overrides what it switches off
   */
  public RuleSet over(RuleSet base) throws RuleProblem {
    for (int i = 0; i < off.size(); i++) {
      String gone = off.get(i);
      if (!has(base, gone)) {
        throw new RuleProblem("/off/" + i, RulesWords.noRule(gone, base.title()));
      }
      if (aim.stream().anyMatch(rule -> rule.id().equals(gone))
          || place.stream().anyMatch(rule -> rule.id().equals(gone))) {
        throw new RuleProblem("/off/" + i, RulesWords.offAndChanged(gone));
      }
    }
    List<AimRule> aimRules = merged(base.aimRules(), aim, AimRule::id);
    List<PlaceRule> placeRules = merged(base.placeRules(), place, PlaceRule::id);
    if (aimRules.isEmpty() && placeRules.isEmpty()) {
      throw new RuleProblem("/off", RulesWords.nothingLeft());
    }
    return new RuleSet(
        id,
        version,
        title,
        reason,
        base.usualTraffic(),
        base.vehicleClasses(),
        base.nation(),
        base.marks(),
        base.aside(),
        aimRules,
        placeRules);
  }

  private static boolean has(RuleSet base, String ruleId) {
    return base.aimRules().stream().anyMatch(rule -> rule.id().equals(ruleId))
        || base.placeRules().stream().anyMatch(rule -> rule.id().equals(ruleId));
  }

  private <T> List<T> merged(List<T> base, List<T> changes, Function<T, String> id) {
    List<T> rules = new ArrayList<>();
    for (T rule : base) {
      if (!off.contains(id.apply(rule))) {
        rules.add(
            changes.stream()
                .filter(change -> id.apply(change).equals(id.apply(rule)))
                .findFirst()
                .orElse(rule));
      }
    }
    changes.stream()
        .filter(change -> base.stream().noneMatch(rule -> id.apply(rule).equals(id.apply(change))))
        .forEach(rules::add);
    return rules;
  }
}
