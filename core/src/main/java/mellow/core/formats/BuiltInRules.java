package mellow.core.formats;

import java.util.List;
import java.util.Optional;
import mellow.core.rules.RuleSet;

/** The rule sets that ship with the product, read once. */
public final class BuiltInRules {
  private static final List<RuleSet> ALL =
      List.of(
              "un-r48",
              "un-r48-large",
              "gb-inspection",
              "gb-lighting",
              "us-sae-j599",
              "us-fmvss-108",
              "us-ca-24403",
              "fitters")
          .stream()
          .map(BuiltInRules::load)
          .toList();

  private BuiltInRules() {}

  public static List<RuleSet> all() {
    return ALL;
  }

  /** Those that say something of aim. */
  public static List<RuleSet> ofAim() {
    return ALL.stream().filter(set -> !set.aimRules().isEmpty()).toList();
  }

  public static Optional<RuleSet> byId(String id) {
    return ALL.stream().filter(set -> set.id().equals(id)).findFirst();
  }

  /** The file of a set, as it ships; empty where there is no such set. */
  public static Optional<String> file(String id) {
    return byId(id).map(set -> text(set.id()));
  }

  private static String text(String id) {
    return Resources.text("/mellow/rules/" + id + ".json");
  }

  private static RuleSet load(String id) {
    try {
      return RuleSetFormat.read(text(id));
    } catch (FormatProblem problem) {
      throw new IllegalStateException(id + " at " + problem.place(), problem);
    }
  }
}
