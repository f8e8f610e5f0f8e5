/**
 * The hands-on middle of a job: what comes off, what is warmed and cures, what is proved, what goes
 * back. Everything is an entry of one append-only log; all that is shown follows from it.
 */
@NullMarked
package mellow.server.workshop;

import org.jspecify.annotations.NullMarked;
