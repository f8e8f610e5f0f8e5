/** Solves a circuit by nodes, here or in the notation of a circuit simulator. */
@NullMarked
package mellow.core.circuit.solve;

import org.jspecify.annotations.NullMarked;
