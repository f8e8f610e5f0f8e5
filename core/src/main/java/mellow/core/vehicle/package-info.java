/**
 * The vehicle: its sides, lamps and dimensions.
 *
 * <p>Left and right are the driver's, sitting in the vehicle; they alone are stored. "Driver's
 * side" and "kerb side" are derived. Axes: x to the vehicle's left, y forward, z up; millimetres. A
 * lamp 600 mm left of the centre line has x = 600; its right twin has x = −600.
 */
@NullMarked
package mellow.core.vehicle;

import org.jspecify.annotations.NullMarked;
