/**
 * What a fact or a finding is about: one lamp, one screw, one pin of a plug, one node of a circuit.
 *
 * <p>A subject has one text form, which is kept, sent and put into addresses. Example: the left one
 * of the inner pair of fog lamps is {@code lamp:FRONT_FOG:LEFT:inner}.
 */
@NullMarked
package mellow.core.subject;

import org.jspecify.annotations.NullMarked;
