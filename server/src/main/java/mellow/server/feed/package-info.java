/** The stage Feed on the wire: what its page sends, and what it is shown. */
@NullMarked
package mellow.server.feed;

import org.jspecify.annotations.NullMarked;
