/** How values of the core go over the wire. */
@NullMarked
package mellow.server.wire;

import org.jspecify.annotations.NullMarked;
