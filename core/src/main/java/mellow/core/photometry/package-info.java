/**
 * Light: what a beam file says, on the wall, on the road and in other people's eyes.
 *
 * <p>Directions from a lamp are named as the trade names them: h degrees to the right and v degrees
 * up of its own axis, seen from behind it, h about the vertical axis first (photometric type A). A
 * test point "3.43 L, 0.57 U" is h = −3.43, v = 0.57. Intensities are in candela, illuminances in
 * lux.
 *
 * <p>Places are in the vehicle's frame: x to its left, y forward, z up, in millimetres, with y = 0
 * at the lamps and z = 0 on the road below them. A lamp aimed 1 % down from 750 mm has its cutoff
 * on a level road at y = 75 000.
 */
@NullMarked
package mellow.core.photometry;

import org.jspecify.annotations.NullMarked;
