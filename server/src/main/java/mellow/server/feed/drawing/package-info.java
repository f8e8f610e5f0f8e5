/** How a circuit is laid out: its symbols, where they stand, and the lines between them. */
@NullMarked
package mellow.server.feed.drawing;

import org.jspecify.annotations.NullMarked;
