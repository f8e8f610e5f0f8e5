package mellow.core.placement;

import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Envelope;

/**
 * How far a lamp's lit surface reaches on the vehicle, mm.
 *
 * @param innerMm its edge next to the centre line, from there
 * @param outerMm its edge next to the vehicle's side, from the centre line
 * @param lowerMm its lower edge above the ground
 * @param upperMm its upper edge above the ground
 */
public record Extent(double innerMm, double outerMm, double lowerMm, double upperMm) {

  static Extent of(LampPair pair, Side side) {
    return of(pair.lamp().litReach(), pair.spots().on(side));
  }

  static Extent of(Envelope reach, Spot spot) {
    return new Extent(
        spot.outMm() + reach.getMinX(),
        spot.outMm() + reach.getMaxX(),
        spot.heightMm() + reach.getMinY(),
        spot.heightMm() + reach.getMaxY());
  }
}
