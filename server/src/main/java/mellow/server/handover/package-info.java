/** The end of a job: the pack, closing it, corrections beside it, coming back, follow-ups. */
@NullMarked
package mellow.server.handover;

import org.jspecify.annotations.NullMarked;
