/**
 * The hunt for a fault: what was checked at a job, what is suspected after it, and what to check
 * next for the minutes that it costs as the job stands.
 */
@NullMarked
package mellow.core.hunt;

import org.jspecify.annotations.NullMarked;
