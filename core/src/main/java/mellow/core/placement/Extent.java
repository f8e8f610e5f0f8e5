package mellow.core.placement;

import mellow.core.vehicle.Side;
import org.locationtech.jts.geom.Envelope;

/**
 * How far a lamp's lit surface reaches on the vehicle, mm.
 *
 * @param innerMm its edge next to the centre line, from there
 * @param outerMm its edge next to the vehicle's side, from the centre line
 * @param toSideMm from that edge to the vehicle's own
 * @param lowerMm its lower edge above the ground
 * @param upperMm its upper edge above the ground
 */
public record Extent(
    double innerMm, double outerMm, double toSideMm, double lowerMm, double upperMm) {

  static Extent of(Front front, LampPair pair, Side side) {
    Envelope reach = pair.lamp().litReach();
    Spot spot = pair.spots().on(side);
    return new Extent(
        spot.outMm() + reach.getMinX(),
        spot.outMm() + reach.getMaxX(),
        front.widthMm() / 2 - spot.outMm() - reach.getMaxX(),
        spot.heightMm() + reach.getMinY(),
        spot.heightMm() + reach.getMaxY());
  }
}
