/**
 * Light in other people's eyes: what reaches an oncoming driver and the mirrors of the car ahead,
 * how it veils what they look at, and how uncomfortable it is.
 */
@NullMarked
package mellow.core.photometry.eyes;

import org.jspecify.annotations.NullMarked;
