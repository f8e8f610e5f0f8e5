/** The beam files that ship with the product, and what each lamp is. */
@NullMarked
package mellow.core.photometry.shipped;

import org.jspecify.annotations.NullMarked;
