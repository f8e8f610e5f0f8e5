/**
 * Where the parts of a circuit sit on the vehicle, where its connectors are and which wires lie
 * between them. A place is one that a technician opens or reaches as a whole; nothing is to scale.
 */
@NullMarked
package mellow.core.layout;

import org.jspecify.annotations.NullMarked;
