/**
 * Sizing of what feeds a lamp: wire, fuse, load resistor, dimmer.
 *
 * <p>SI units; lengths of wire in metres, one way unless it says otherwise; sections in mm²,
 * American gauges beside them. Example: 9.2 A over 4 m and back lose 0.40 V on 1.5 mm², which is
 * 3.1 % of 12.8 V: one size up is asked for.
 */
@NullMarked
package mellow.core.harness;

import org.jspecify.annotations.NullMarked;
