/**
 * The record of a job: one list of facts that only grows, in the order in which they were kept.
 *
 * <p>A {@link mellow.core.record.Fact} is what somebody read, did or settled; a {@link
 * mellow.core.record.Line} is a fact with who kept it, on which device, and when. What a page shows
 * is worked out from the lines that count. How facts are stored is not known here.
 */
@NullMarked
package mellow.core.record;

import org.jspecify.annotations.NullMarked;
