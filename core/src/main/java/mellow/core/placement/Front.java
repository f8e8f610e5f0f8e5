package mellow.core.placement;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The front of a vehicle with its lamps.
 *
 * @param widthMm width of the vehicle without its mirrors
 * @param widthGuessed nobody has measured it yet
 * @param pairs the lamps, those that were there and those that are planned
 * @param keepOuts what to stay clear of
 * @param bumper its curve from above; empty where not measured
 */
public record Front(
    double widthMm,
    boolean widthGuessed,
    List<LampPair> pairs,
    List<KeepOut> keepOuts,
    Optional<Bumper> bumper) {
  /** A front whose width was measured. */
  public Front(
      double widthMm, List<LampPair> pairs, List<KeepOut> keepOuts, Optional<Bumper> bumper) {
    this(widthMm, false, pairs, keepOuts, bumper);
  }

  /** A front of whose bumper nothing is known. */
  public Front(double widthMm, List<LampPair> pairs, List<KeepOut> keepOuts) {
    this(widthMm, pairs, keepOuts, Optional.empty());
  }

  public Front {
    if (!(widthMm > 0)) {
      throw new IllegalArgumentException("a vehicle has a width, not " + widthMm);
    }
    pairs = List.copyOf(pairs);
    keepOuts = List.copyOf(keepOuts);
  }

  /** The same front with one pair moved or changed. */
  public Front with(LampPair changed) {
    return new Front(
        widthMm,
        widthGuessed,
        pairs.stream().map(pair -> pair.id().equals(changed.id()) ? changed : pair).toList(),
        keepOuts,
        bumper);
  }

  Stream<LampPair> of(LampFunction function) {
    return pairs.stream().filter(pair -> pair.lamp().function() == function);
  }

  /** Highest point of the low beams' lit surfaces; empty where they were not measured. */
  public OptionalDouble topOfDippedMm() {
    return of(LampFunction.DIPPED)
        .flatMapToDouble(
            pair ->
                Stream.of(Side.values())
                    .mapToDouble(
                        side ->
                            pair.spots().on(side).heightMm() + pair.lamp().litReach().getMaxY()))
        .max();
  }

  /** A reach in a lamp's axes, put on the vehicle: x to its left, y above the ground. */
  public static Envelope onVehicle(Envelope reach, Side side, Spot spot) {
    double one = side.sign() * (spot.outMm() + reach.getMinX());
    double other = side.sign() * (spot.outMm() + reach.getMaxX());
    return new Envelope(
        one, other, spot.heightMm() + reach.getMinY(), spot.heightMm() + reach.getMaxY());
  }

  /** A shape in a lamp's axes, put on the vehicle: x to its left, y above the ground. */
  public static Geometry onVehicle(Geometry shape, Side side, Spot spot) {
    return new AffineTransformation(
            side.sign(), 0, side.sign() * spot.outMm(), 0, 1, spot.heightMm())
        .transform(shape);
  }
}
