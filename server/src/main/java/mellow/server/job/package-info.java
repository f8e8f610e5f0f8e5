/** Jobs: what was settled for them, and the one page that shows all. */
@NullMarked
package mellow.server.job;

import org.jspecify.annotations.NullMarked;
