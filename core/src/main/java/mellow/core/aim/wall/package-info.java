/**
 * The sheet of a wall: its pairs, the order of work at it, the marks to tape, and the ways of
 * aiming beside each other.
 */
@NullMarked
package mellow.core.aim.wall;

import org.jspecify.annotations.NullMarked;
