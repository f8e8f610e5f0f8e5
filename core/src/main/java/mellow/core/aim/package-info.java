/**
 * Aiming on a wall: from the floor and the tape to the turn of a screw.
 *
 * <p>Frame of the bay: origin at the wall's foot on the vehicle's centre line, x to the vehicle's
 * left, y forward (the floor before the wall has negative y), z up; millimetres. Heights on the
 * wall are measured from the wall's foot straight below the mark. Inclinations are in percent of
 * the distance along the beam, positive upwards, against the plane of the four tyre contacts: with
 * a lamp centre 668 mm over that plane, a level floor and 6100 mm to the wall, a cutoff read 595 mm
 * above the wall's foot has −1.197 %.
 *
 * <p>Angles seen from above are positive where the vehicle heads to the right of square. Toe is
 * positive where the beams part (toe-out). Roll is positive where the cutoff's left end is higher,
 * as seen from the seat.
 */
@NullMarked
package mellow.core.aim;

import org.jspecify.annotations.NullMarked;
