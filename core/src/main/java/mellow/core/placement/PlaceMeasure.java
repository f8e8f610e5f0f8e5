package mellow.core.placement;

import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mellow.core.rules.PlaceRule;
import mellow.core.vehicle.LampFunction;
import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Geometry;

/** Measures what the rules of place ask about, on the drawing of the front. */
final class PlaceMeasure {
  /** A protractor held against a lamp is read to this. Judged. */
  private static final double PROTRACTOR_DEG = 0.5;

  private final Front front;
  private final double tapeMm;

  PlaceMeasure(Front front, double tapeMm) {
    this.front = front;
    this.tapeMm = tapeMm;
  }

  /**
   * The value asked about, in the unit of the rule; empty while something for it is missing.
   *
   * @param side which lamp; either one for a question about the pair
   */
  OptionalDouble of(LampPair pair, Side side, PlaceRule rule) {
    PlaceRule.Asks asks = rule.asks();
    Spot spot = pair.spots().on(side);
    Extent extent = Extent.of(front, pair, side);
    return switch (asks) {
      case LOWER_EDGE_HEIGHT -> OptionalDouble.of(extent.lowerMm());
      case UPPER_EDGE_HEIGHT -> OptionalDouble.of(extent.upperMm());
      case CENTRE_HEIGHT -> OptionalDouble.of(spot.heightMm());
      case OUTER_EDGE -> OptionalDouble.of(extent.toSideMm());
      case INNER_SPACING ->
          OptionalDouble.of(extent.innerMm() + Extent.of(front, pair, side.other()).innerMm());
      case ABOVE_DIPPED -> {
        OptionalDouble top = front.topOfDippedMm();
        yield top.isEmpty() ? top : OptionalDouble.of(extent.upperMm() - top.getAsDouble());
      }
      case TURN_SIGNAL_GAP -> turnSignalGapMm(pair, side, lit -> lit);
      case TURN_SIGNAL_CENTRE_GAP -> turnSignalGapMm(pair, side, Geometry::getCentroid);
      case LIT_AREA -> OptionalDouble.of(pair.lamp().litAreaCm2());
      case INTENSITY -> pair.lamp().light().intensityCd();
      case HEADING -> OptionalDouble.of(Math.abs(spot.headingDeg()));
      case SEEN_OUTWARDS, SEEN_INWARDS, SEEN_UPWARDS, SEEN_DOWNWARDS ->
          pair.lamp().recess().stream().mapToDouble(recess -> recess.freeDeg(asks)).findFirst();
      case COUNT -> OptionalDouble.of(2.0 * rule.functions().stream().flatMap(front::of).count());
      case REFERENCE_SUM -> referenceSum(rule);
    };
  }

  /** How exactly it is known, ±, in the unit of the question. */
  double uncertainty(LampPair pair, PlaceRule.Asks asks) {
    return switch (asks.quantity()) {
      case AREA -> pair.lamp().lit().getLength() * tapeMm / 2 / 100;
      case DIRECTION ->
          pair.lamp()
              .recess()
              .filter(recess -> asks.isOfSight())
              .map(recess -> recess.uncertaintyDeg(asks, tapeMm))
              .orElse(PROTRACTOR_DEG);
      case INTENSITY, COUNT -> 0;
      default -> isOfTwo(asks) ? tapeMm * Math.sqrt(2) : tapeMm;
    };
  }

  /** Whether it is the difference of two places, each read by itself. */
  private static boolean isOfTwo(PlaceRule.Asks asks) {
    return switch (asks) {
      case INNER_SPACING, ABOVE_DIPPED, TURN_SIGNAL_GAP, TURN_SIGNAL_CENTRE_GAP -> true;
      default -> false;
    };
  }

  /** Low beams count where the lens says that they are main beams too. */
  private OptionalDouble referenceSum(PlaceRule rule) {
    Stream<LampPair> lit =
        front.pairs().stream()
            .filter(
                pair ->
                    rule.functions().contains(pair.lamp().function())
                        || pair.lamp().light().referenceMark().isPresent());
    double sum = 0;
    for (LampPair pair : lit.toList()) {
      OptionalDouble mark = pair.lamp().light().referenceMark();
      if (mark.isEmpty()) {
        return mark;
      }
      sum += 2 * mark.getAsDouble();
    }
    return OptionalDouble.of(sum);
  }

  /** The optical centre is that of the lit surface as it is drawn. */
  private OptionalDouble turnSignalGapMm(
      LampPair pair, Side side, UnaryOperator<Geometry> measuredTo) {
    Geometry lit = Front.onVehicle(pair.lamp().lit(), side, pair.spots().on(side));
    DoubleStream gaps =
        front
            .of(LampFunction.TURN)
            .mapToDouble(
                turn ->
                    Shapes.gap(
                        lit,
                        measuredTo.apply(
                            Front.onVehicle(turn.lamp().lit(), side, turn.spots().on(side)))));
    return gaps.min();
  }
}
