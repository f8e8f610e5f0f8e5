package mellow.core.rules;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Sentence;

/** The rule sets of a shop: those that ship with the product, confirmed or not, and its own. */
public final class RuleBook {
  private final Map<String, RuleSet> sets;

  private RuleBook(Map<String, RuleSet> sets) {
    this.sets = sets;
  }

  /**
   * Puts the book together.
   *
   * @param builtIn the sets that ship with the product
   * @param changes local sets, at most one of each id
   * @throws RuleProblem where a local set bears a built-in name, stands over one that is not there,
   *     over itself by way of others, or contradicts its base
   */
  public static RuleBook of(
      List<RuleSet> builtIn, Collection<RuleChange> changes, Collection<Confirmation> confirmed)
      throws RuleProblem {
    Map<String, RuleSet> sets = new LinkedHashMap<>();
    builtIn.forEach(set -> sets.put(set.id(), set.confirmed(confirmed)));
    Map<String, RuleChange> byId =
        changes.stream()
            .collect(
                Collectors.toMap(
                    RuleChange::id, change -> change, (one, other) -> other, LinkedHashMap::new));
    for (RuleChange change : byId.values()) {
      if (builtIn.stream().anyMatch(set -> set.id().equals(change.id()))) {
        throw new RuleProblem("/id", RulesWords.builtIn(change.id()));
      }
      resolve(change, byId, sets, new LinkedHashSet<>());
    }
    return new RuleBook(sets);
  }

  private static RuleSet resolve(
      RuleChange change, Map<String, RuleChange> byId, Map<String, RuleSet> sets, Set<String> path)
      throws RuleProblem {
    if (!path.add(change.id())) {
      throw new RuleProblem(
          "/over", RulesWords.overItself(String.join(" → ", path) + " → " + change.id()));
    }
    RuleSet done = sets.get(change.id());
    if (done != null) {
      return done;
    }
    RuleSet base = sets.get(change.over());
    if (base == null) {
      RuleChange below = byId.get(change.over());
      if (below == null) {
        throw new RuleProblem("/over", RulesWords.noSet(change.over()));
      }
      base = resolve(below, byId, sets, path);
    }
    RuleSet made = change.over(base);
    sets.put(change.id(), made);
    return made;
  }

  public Optional<RuleSet> byId(String id) {
    return Optional.ofNullable(sets.get(id));
  }

  public List<RuleSet> all() {
    return List.copyOf(sets.values());
  }

  /** Those that say something of aim. */
  public List<RuleSet> ofAim() {
    return sets.values().stream().filter(set -> !set.aimRules().isEmpty()).toList();
  }

  /** What changes from one set to another, a sentence a rule. */
  public static List<Sentence> differences(RuleSet from, RuleSet to) {
    List<Sentence> lines = new ArrayList<>();
    Map<String, Sentence> before = told(from);
    Map<String, Sentence> after = told(to);
    before.forEach(
        (id, words) -> {
          Sentence now = after.get(id);
          if (now == null) {
            lines.add(RulesWords.noLonger(id));
          } else if (!now.equals(words)) {
            lines.add(RulesWords.becomes(id, words, now));
          }
        });
    after.forEach(
        (id, words) -> {
          if (!before.containsKey(id)) {
            lines.add(RulesWords.isNew(id, words));
          }
        });
    return lines;
  }

  private static Map<String, Sentence> told(RuleSet set) {
    Map<String, Sentence> told = new LinkedHashMap<>();
    set.aimRules()
        .forEach(
            rule ->
                told.put(
                    rule.id(),
                    RulesWords.aimOf(words(rule.limits(), " %"), number(rule.aimPercent()))));
    set.placeRules()
        .forEach(
            rule ->
                told.put(
                    rule.id(), RulesWords.placeOf(rule.asks(), words(rule.limits(), unit(rule)))));
    return told;
  }

  private static String unit(PlaceRule rule) {
    return switch (rule.asks().quantity()) {
      case LENGTH -> " mm";
      case AREA -> " cm²";
      case INTENSITY -> " cd";
      case DIRECTION -> "°";
      default -> "";
    };
  }

  private static Sentence words(Band band, String unit) {
    String least = band.lowest().isPresent() ? number(band.lowest().getAsDouble()) : "";
    String most = band.highest().isPresent() ? number(band.highest().getAsDouble()) : "";
    if (!least.isEmpty() && !most.isEmpty()) {
      return RulesWords.between(least, most + unit);
    }
    return least.isEmpty() ? RulesWords.atMost(most + unit) : RulesWords.atLeast(least + unit);
  }

  private static String number(double value) {
    return BigDecimal.valueOf(value)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString()
        .replace('-', '−');
  }
}
