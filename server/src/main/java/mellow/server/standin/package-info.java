/** Simulated devices that ship with the product, in place of those of a workshop. */
@NullMarked
package mellow.server.standin;

import org.jspecify.annotations.NullMarked;
