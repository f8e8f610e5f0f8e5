/** Bays and the survey of their floors. */
@NullMarked
package mellow.server.bay;

import org.jspecify.annotations.NullMarked;
