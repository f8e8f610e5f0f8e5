/** The circuit and the wiring sheet on paper. */
@NullMarked
package mellow.server.feed.paper;

import org.jspecify.annotations.NullMarked;
