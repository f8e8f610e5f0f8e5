/** The stage Feed: plans proposed, answered, solved, drawn, probed and measured. */
@NullMarked
package mellow.server.feed;

import org.jspecify.annotations.NullMarked;
