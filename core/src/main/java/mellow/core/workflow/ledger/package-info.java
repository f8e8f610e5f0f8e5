/**
 * What comes off a vehicle and goes back: fasteners, connectors and the pieces that they hold, each
 * counted. A place on the vehicle is a share of its view from 0 to 1: {@code across} from the
 * vehicle's right to its left (seen from the side and from below: from the front to the back),
 * {@code up} from the ground to the top (from below: from the right to the left).
 */
@NullMarked
package mellow.core.workflow.ledger;

import org.jspecify.annotations.NullMarked;
