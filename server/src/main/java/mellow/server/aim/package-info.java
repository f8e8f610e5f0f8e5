/** The computation of the aim, without memory. */
@NullMarked
package mellow.server.aim;

import org.jspecify.annotations.NullMarked;
