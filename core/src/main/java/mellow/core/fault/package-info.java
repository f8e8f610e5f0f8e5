/**
 * Faults of a circuit, and which check tells most about them.
 *
 * <p>A fault is a change of the circuit. Every fault that the circuit may have is solved in every
 * state of its controls; what was seen and measured weighs them by Bayes' rule; the next check is
 * the one that is expected to tell most for its minutes. V, A, Ω and minutes throughout.
 */
@NullMarked
package mellow.core.fault;

import org.jspecify.annotations.NullMarked;
