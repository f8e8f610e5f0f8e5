/**
 * How lamps are fed: ready plans as data, with the questions they ask, built into circuits, solved
 * in every state and judged, down to the cut list and the order of connecting.
 *
 * <p>A plan is a list of blocks: parts whose values may name answers in braces. {@code {"kind":
 * "fuse", "amps": "{fuse}"}} with the answer {@code fuse = 15} is a fuse of 15 A. SI units
 * throughout, lengths of wire in metres one way; sides are the driver's own.
 */
@NullMarked
package mellow.core.feed;

import org.jspecify.annotations.NullMarked;
