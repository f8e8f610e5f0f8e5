/**
 * The order of work: stages, steps, what a kind of work brings, what to expect of it from earlier
 * jobs.
 */
@NullMarked
package mellow.core.workflow;

import org.jspecify.annotations.NullMarked;
