/** Where lamps sit on the front: judged, kept, and printed as a drill template. */
@NullMarked
package mellow.server.place;

import org.jspecify.annotations.NullMarked;
