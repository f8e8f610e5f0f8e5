package mellow.core.aim;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mellow.core.vehicle.BeamClass;
import mellow.core.vehicle.BySide;
import mellow.core.vehicle.LampFacts;
import mellow.core.vehicle.LampKind;
import mellow.core.vehicle.Side;

/**
 * One pair of lamps and what was read of it. All lengths in mm.
 *
 * @param beamClass what the lenses say
 * @param steeperByMaker the maker chose the steeper of two settings that the rule allows
 * @param centreMm heights of the lamps' centres above the floor below them
 * @param lowerEdgeMm heights of the lit surfaces' lower edges
 * @param spacingMm between the lamps' centres
 * @param distanceMm from each lamp square to the wall
 * @param before the old cutoffs, taken before the old lamps came off
 * @param school how the low beam is aimed; fog lamps always go by the rule
 * @param labelPercent inclination on the vehicle's label, negative downwards
 * @param adjusters the lamps' screws
 * @param events what happened at the wall, in order
 */
public record PairInput(
    BeamClass beamClass,
    boolean steeperByMaker,
    BySide<OptionalDouble> centreMm,
    BySide<OptionalDouble> lowerEdgeMm,
    OptionalDouble spacingMm,
    BySide<OptionalDouble> distanceMm,
    BySide<Optional<BeforeMark>> before,
    School school,
    OptionalDouble labelPercent,
    List<Adjuster> adjusters,
    List<AimEvent> events) {

  /** An old cutoff: so far below the old lamp's centre, at such a distance. */
  public record BeforeMark(double belowMm, double distanceMm) {
    public double percent() {
      return -100 * belowMm / distanceMm;
    }
  }

  public PairInput {
    adjusters = List.copyOf(adjusters);
    events = List.copyOf(events);
  }

  public LampKind kind() {
    return beamClass.kind();
  }

  LampFacts lampFacts(Side side) {
    return new LampFacts(beamClass, centreMm.on(side), lowerEdgeMm.on(side), steeperByMaker);
  }
}
