/**
 * The sheet of a built plan: its states, findings, parts, remedies, and what was measured on the
 * vehicle.
 */
@NullMarked
package mellow.core.feed.sheet;

import org.jspecify.annotations.NullMarked;
