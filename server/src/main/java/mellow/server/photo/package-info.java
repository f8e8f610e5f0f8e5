/** Photos of a job: cleaned on arrival, stored once by content, laid over each other. */
@NullMarked
package mellow.server.photo;

import org.jspecify.annotations.NullMarked;
