/**
 * Where lamps may sit on the front: pairs of lamps with their lit surfaces against the zones of
 * rule sets, the nearest place that satisfies all of them, rows of holes, and the drill template.
 *
 * <p>A lamp's own axes start at its reference point: {@code out} away from the vehicle's centre
 * line, {@code up} away from the ground; both mirrored sides share one description. On the vehicle,
 * {@code outMm} counts from the centre line to the lamp's own side and {@code heightMm} from the
 * ground. Example: a round lamp of 90 mm at outMm 640, heightMm 380 on a vehicle 1700 mm wide has
 * its lower edge at 335, its inner edge 595 from the centre line and its outer edge 165 mm inside
 * the vehicle's own.
 */
@NullMarked
package mellow.core.placement;

import org.jspecify.annotations.NullMarked;
