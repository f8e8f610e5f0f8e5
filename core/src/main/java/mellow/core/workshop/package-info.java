/**
 * The work on the vehicle from taking apart to putting together, as the record tells it: steps,
 * what is off, timers, bakes, proofs, and what is still open when the job is to be handed over.
 */
@NullMarked
package mellow.core.workshop;

import org.jspecify.annotations.NullMarked;
