/** Jobs that cannot be read: what is stored of them goes out as it is, and they leave the yard. */
@NullMarked
package mellow.server.aside;

import org.jspecify.annotations.NullMarked;
