/**
 * What lift, tyres and load do to the lamps: how far each centre rises and the beam tips.
 *
 * <p>Rises are positive upwards, in mm; the beam's change is in percent, positive upwards. Example:
 * front 60 mm up and rear 40 mm up on a wheelbase of 2500 mm, lamps 900 mm ahead of the front axle:
 * the centres rise 67.2 mm and the beam 0.8 %.
 */
@NullMarked
package mellow.core.stance;

import org.jspecify.annotations.NullMarked;
