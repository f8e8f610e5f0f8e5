/** A job with all its measurements as one open file, written and taken in. */
@NullMarked
package mellow.server.jobfile;

import org.jspecify.annotations.NullMarked;
