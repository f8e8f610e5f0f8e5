/**
 * Electric circuits of a vehicle's lamps, solved in every position of its controls.
 *
 * <p>SI units throughout: V, A, Ω, W, °C for temperatures of wires. A node is a name; {@link
 * mellow.core.circuit.Circuit#GROUND} is the battery's own negative post, and every voltage is
 * against it. The current of a branch counts from its first node to its second, so that what a
 * source delivers is negative. Quasi-static: what is pulsed is solved once in each phase.
 *
 * <p>Example: a battery of 12.8 V and 10 mΩ feeding a lamp of 55 W at 12 V through 50 mΩ of wire
 * each way settles at 12.29 V over the lamp, which then gives 108 % of its rated light.
 */
@NullMarked
package mellow.core.circuit;

import org.jspecify.annotations.NullMarked;
