package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import mellow.core.finding.Sentence;
import mellow.core.finding.Verdict;
import mellow.core.rules.PlaceRule;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.TurnCategory;

/**
 * Why a lamp may stand nearer to a turn signal than a rule says.
 *
 * @param verdict within, or not known where it hangs on the signal
 */
public record Excused(Verdict verdict, Sentence why) {
  /** The excuse of a lamp; empty where it has none. */
  public static Optional<Excused> of(Front front, LampPair pair, PlaceRule rule) {
    return rule.excuse().flatMap(excuse -> of(front, pair, excuse));
  }

  private static Optional<Excused> of(Front front, LampPair pair, PlaceRule.Excuse excuse) {
    Light light = pair.lamp().light();
    if (excuse.goesOutWithTurnSignal() && light.goesOutWithTurnSignal()) {
      return Optional.of(new Excused(Verdict.WITHIN, PlacementWords.goesOut()));
    }
    if (excuse.intensityMostCd().isPresent()
        && light.intensityCd().isPresent()
        && light.intensityCd().getAsDouble() <= excuse.intensityMostCd().getAsDouble()) {
      return Optional.of(new Excused(Verdict.NOT_KNOWN, PlacementWords.dimEnough()));
    }
    return excuse.turnCategories().isEmpty() ? Optional.empty() : bySignal(front, excuse);
  }

  private static Optional<Excused> bySignal(Front front, PlaceRule.Excuse excuse) {
    List<Optional<TurnCategory>> signals =
        front.of(LampFunction.TURN).map(turn -> turn.lamp().light().turnCategory()).toList();
    if (signals.stream().anyMatch(Optional::isEmpty)) {
      return Optional.of(new Excused(Verdict.NOT_KNOWN, PlacementWords.checkCategory()));
    }
    return signals.stream().flatMap(Optional::stream).allMatch(excuse.turnCategories()::contains)
        ? Optional.of(new Excused(Verdict.WITHIN, PlacementWords.madeForIt()))
        : Optional.empty();
  }
}
