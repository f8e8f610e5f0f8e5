/**
 * Beam files: luminous intensities as IES LM-63 writes them, read and written.
 *
 * <p>Editions of 1986, 1991, 1995, 2002 and 2019, photometric types A, B and C. A file is kept as
 * it was written, with its own angles and its own factors; {@code mellow.core.photometry.Beam}
 * makes intensities of it. Structure, keywords and limits are from memory of the standard.
 */
@NullMarked
package mellow.core.photometry.lm63;

import org.jspecify.annotations.NullMarked;
