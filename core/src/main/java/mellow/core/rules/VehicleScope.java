package mellow.core.rules;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellow.core.finding.Finding;
import mellow.core.finding.FindingKey;
import mellow.core.finding.Remedy;
import mellow.core.finding.Verdict;
import mellow.core.subject.SubjectKind;
import mellow.core.vehicle.BodyKind;
import mellow.core.vehicle.VehicleClass;

/**
 * Which vehicles a rule set may judge.
 *
 * @param known the vehicle's class; empty where nobody has looked
 * @param body how the vehicle looks; empty where that is not known either
 */
public record VehicleScope(Optional<VehicleClass> known, Optional<BodyKind> body) {
  /** Nothing is known, and the looks raise no doubt. */
  public static final VehicleScope OPEN = new VehicleScope(Optional.empty(), Optional.empty());

  private static final String RULE = "scope";

  /** Bodies that come in more than one class; the others are taken for cars and light pickups. */
  private static final Set<BodyKind> DOUBTFUL = Set.of(BodyKind.BUS, BodyKind.VAN);

  /** Whether a set is for such a vehicle, as far as is known: one for cars, where nobody looked. */
  public boolean allows(RuleSet set) {
    return set.vehicleClasses().isEmpty()
        || set.vehicleClasses().contains(known.orElse(VehicleClass.M1));
  }

  /** What speaks against judging this vehicle by a set; empty where nothing does. */
  public Optional<Finding> doubt(RuleSet set) {
    if (set.vehicleClasses().isEmpty()) {
      return Optional.empty();
    }
    if (known.isPresent()) {
      return set.vehicleClasses().contains(known.get())
          ? Optional.empty()
          : Optional.of(
              Finding.plain(
                      key(set),
                      Verdict.OUT,
                      set.scopeSource(),
                      RulesWords.otherClass(set.title(), known.get().name()))
                  .withDetail(RulesWords.madeFor(classes(set)))
                  .withRemedy(
                      Remedy.of(
                          Remedy.Action.CHANGE, Remedy.Page.RULEBOOK, RulesWords.otherSet())));
    }
    return body.filter(DOUBTFUL::contains)
        .map(
            looks ->
                Finding.notKnown(
                    key(set),
                    set.scopeSource(),
                    RulesWords.classUnknown(set.title(), looks),
                    Remedy.of(
                        Remedy.Action.ENTER,
                        Remedy.Page.TAKE_IN,
                        RulesWords.enterClass(classes(set)))));
  }

  private static String classes(RuleSet set) {
    return set.vehicleClasses().stream().sorted().map(Enum::name).collect(Collectors.joining(", "));
  }

  /** Whether a finding speaks against judging a vehicle by a set. */
  public static boolean isDoubt(Finding finding) {
    return finding.answers(RULE);
  }

  private static FindingKey key(RuleSet set) {
    return FindingKey.of(RULE, SubjectKind.RULE_SET.named(set.id()));
  }
}
