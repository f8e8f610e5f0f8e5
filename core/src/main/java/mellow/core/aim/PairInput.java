package mellow.core.aim;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mellow.core.measure.Measured;
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
 * @param centre heights of the lamps' centres above the floor below them
 * @param lowerEdge heights of the lit surfaces' lower edges
 * @param spacing between the lamps' centres
 * @param distance from each lamp square to the wall
 * @param before the old cutoffs, taken before the old lamps came off
 * @param school how the low beam is aimed; fog lamps always go by the rule
 * @param labelPercent inclination on the vehicle's label, negative downwards
 * @param adjusters the lamps' screws
 * @param events what happened at the wall, in order
 */
public record PairInput(
    BeamClass beamClass,
    boolean steeperByMaker,
    BySide<Optional<Measured>> centre,
    BySide<Optional<Measured>> lowerEdge,
    Optional<Measured> spacing,
    BySide<Optional<Measured>> distance,
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

  public BySide<OptionalDouble> centreMm() {
    return mm(centre);
  }

  private BySide<OptionalDouble> lowerEdgeMm() {
    return mm(lowerEdge);
  }

  public OptionalDouble spacingMm() {
    return mm(spacing);
  }

  public BySide<OptionalDouble> distanceMm() {
    return mm(distance);
  }

  /** What the coarsest reading of a lamp's height was read to, ± mm. */
  double heightsPlusMinusMm() {
    return Stream.of(centre, lowerEdge)
        .flatMap(heights -> Stream.of(heights.left(), heights.right()))
        .flatMap(Optional::stream)
        .mapToDouble(Measured::plusMinusMm)
        .max()
        .orElse(0);
  }

  private static BySide<OptionalDouble> mm(BySide<Optional<Measured>> read) {
    return BySide.of(side -> mm(read.on(side)));
  }

  private static OptionalDouble mm(Optional<Measured> read) {
    // asked for each rule and lamp: a stream would cost as much as the judgement
    return read.isPresent() ? OptionalDouble.of(read.get().mm()) : OptionalDouble.empty();
  }

  public LampKind kind() {
    return beamClass.kind();
  }

  public LampFacts lampFacts(Side side) {
    return new LampFacts(beamClass, centreMm().on(side), lowerEdgeMm().on(side), steeperByMaker);
  }
}
