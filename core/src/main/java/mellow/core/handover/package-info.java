/**
 * The end of a job: what is told to the owner, what to come back for, what differs at a comeback.
 */
@NullMarked
package mellow.core.handover;

import org.jspecify.annotations.NullMarked;
