/**
 * What a solved circuit is held against: its wires and fuses, the light of each state, the way to
 * each lamp.
 */
@NullMarked
package mellow.core.circuit.check;

import org.jspecify.annotations.NullMarked;
