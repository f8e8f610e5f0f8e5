/** Drill templates and rows of holes, at full size. */
@NullMarked
package mellow.core.placement.template;

import org.jspecify.annotations.NullMarked;
