package mellow.core.rules;

import java.util.Optional;
import java.util.Set;
import mellow.core.finding.CannotBe;
import mellow.core.finding.Figure;
import mellow.core.finding.Source;
import mellow.core.vehicle.BeamClass;
import org.jspecify.annotations.Nullable;

/**
 * What a rule set asks of the vertical aim of some lamps.
 *
 * @param id unique in its set: "un-r48.dipped.below-800"
 * @param classes the lamps it is for
 * @param height the heights it is for; empty for all
 * @param byMakersChoice it holds only where the vehicle's maker chose the steeper setting
 * @param limits what is allowed
 * @param aimPercent the setting to aim for
 * @param setting the band in which the first setting has to lie; empty where the rule has none
 * @param source where it stands
 */
public record AimRule(
    String id,
    Set<BeamClass> classes,
    Optional<HeightCondition> height,
    boolean byMakersChoice,
    Band limits,
    double aimPercent,
    Optional<Band> setting,
    Source source) {
  public AimRule {
    classes = Set.copyOf(classes);
    if (limits.marginOf(aimPercent) < 0) {
      throw new CannotBe(RulesWords.aimOutside(id, Figure.percent(aimPercent)));
    }
  }

  AimRule confirmed(@Nullable Confirmation by) {
    return by == null
        ? this
        : new AimRule(
            id, classes, height, byMakersChoice, limits, aimPercent, setting, by.lift(source));
  }
}
