/**
 * How a lamp or a pair stands: its target, what was read of it, its roll and toe, and what its
 * screws do.
 */
@NullMarked
package mellow.core.aim.lamp;

import org.jspecify.annotations.NullMarked;
