/**
 * The one door through which anything is kept of a job or a bay: facts, in the order in which they
 * were kept, with one rule for what comes twice and one for what is struck.
 */
@NullMarked
package mellow.server.record;

import org.jspecify.annotations.NullMarked;
