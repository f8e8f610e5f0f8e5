package mellow.core.aim;

import java.util.List;
import java.util.Optional;
import mellow.core.rules.RuleSet;
import mellow.core.rules.VehicleScope;
import mellow.core.vehicle.TrafficSide;

/**
 * All that is known at the wall; from it alone everything about the aim is computed.
 *
 * @param traffic side of the road on which traffic runs
 * @param market the rule set that the job is judged by
 * @param scope what is known of the vehicle's class
 * @param compare further rule sets to show beside it
 * @param stanceChanged suspension, tyres or load changed since the marks "before"
 * @param frontClosed the vehicle's front is closed, so that some screws are out of reach
 * @param marks how the marks were put on the wall
 * @param survey the bay's floor
 * @param pairs the pairs of lamps that are aimed, low beam first
 */
public record WallInput(
    TrafficSide traffic,
    RuleSet market,
    VehicleScope scope,
    List<RuleSet> compare,
    boolean stanceChanged,
    boolean frontClosed,
    MarkStyle marks,
    Optional<FloorSurvey> survey,
    List<PairInput> pairs) {
  public WallInput {
    compare = List.copyOf(compare);
    pairs = List.copyOf(pairs);
  }
}
