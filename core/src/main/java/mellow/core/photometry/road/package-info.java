/**
 * What a pair of lamps does on a road: light from above, how far somebody on foot is lit, and how
 * fast one may go to stop within that. Lengths in mm, speeds in km/h at the border.
 */
@NullMarked
package mellow.core.photometry.road;

import org.jspecify.annotations.NullMarked;
