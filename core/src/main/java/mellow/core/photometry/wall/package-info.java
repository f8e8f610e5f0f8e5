/** What a lamp throws on a wall square before it, and where its cutoff lies there. */
@NullMarked
package mellow.core.photometry.wall;

import org.jspecify.annotations.NullMarked;
