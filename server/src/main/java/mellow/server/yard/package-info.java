/** The list of jobs. */
@NullMarked
package mellow.server.yard;

import org.jspecify.annotations.NullMarked;
