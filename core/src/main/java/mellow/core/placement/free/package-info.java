/**
 * Where a lamp may still sit: what is taken, what is allowed, and the nearest place that is
 * neither.
 */
@NullMarked
package mellow.core.placement.free;

import org.jspecify.annotations.NullMarked;
