/**
 * Lengths, inclinations and turns, and their units.
 *
 * <p>Inside the product a length is a {@code double} in millimetres, an inclination a {@code
 * double} in percent (100 × rise ÷ run, positive is up), an angle a {@code double} in degrees and a
 * rotation of an adjuster a {@code double} in turns (positive is clockwise, seen facing the screw's
 * head). Example: a cutoff that falls 76.2 mm on 7620 mm has an inclination of −1.0 %.
 */
@NullMarked
package mellow.core.measure;

import org.jspecify.annotations.NullMarked;
